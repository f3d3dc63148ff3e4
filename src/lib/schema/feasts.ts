import { z } from 'zod';
import { commandId, day, id, maybeText, number } from './common';

/** So many eat here on some days: a feast, guests, a table that is half empty. */
export const planFeastSchema = z.object({
  commandId,
  from: day,
  to: day,
  people: number(0, 200, 'guests-out-of-range'),
  name: maybeText
});
export const dropFeastSchema = z.object({ commandId, feastId: id });
