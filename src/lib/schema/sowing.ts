import { z } from 'zod';
import {
  commandId,
  day,
  id,
  maybeDay,
  maybeText,
  maybeWeightText,
  number,
  orNone,
  ticked,
  whole
} from './common';

/** Something sown or planted out; with `sowingId` it is said otherwise. What is empty is asked of the table. */
export const sowSchema = z.object({
  commandId,
  sowingId: id.optional(),
  cropId: id,
  variety: maybeText,
  bed: maybeText,
  day,
  planted: ticked,
  metres: orNone(number(0.1, 10_000, 'metres-out-of-range')),
  plants: orNone(whole(1, 100_000)),
  first: maybeDay,
  weeks: orNone(whole(1, 52)),
  amount: maybeWeightText,
  lateWeeks: z.preprocess((v) => (v === '' || v === undefined ? 0 : v), whole(-12, 12))
});
export const dropSowingSchema = z.object({ commandId, sowingId: id });
/** The usual day of the first frost; empty: nobody can say. */
export const sayFrostSchema = z.object({ commandId, day: maybeDay });
