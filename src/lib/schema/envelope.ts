import { z } from 'zod';
import { isDay, wallOfText } from '../core/calendar';
import { id, no } from './common';

const MOMENT = /^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d$/;

/**
 * What stands on every command beside what it says: from which device, when it was done by that device's clock of the
 * house, and what the page had last seen of the log. All may be left out.
 */
export const envelopeSchema = z.object({
  device: id.optional(),
  doneAt: z
    .string()
    .refine((said) => MOMENT.test(said) && isDay(said.slice(0, 10)), no('day-strange'))
    .transform(wallOfText)
    .optional(),
  saw: z.coerce
    .number()
    .int()
    .min(0)
    .max(Number.MAX_SAFE_INTEGER)
    .or(z.literal('').transform(() => undefined))
    .optional()
    .catch(undefined)
});
export type Envelope = z.output<typeof envelopeSchema>;
