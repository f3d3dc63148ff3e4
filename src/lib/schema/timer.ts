import { z } from 'zod';
import { SOUNDS } from '../core/timer';
import { cleanText, commandId, id, no, shortText } from './common';

/** How long, as typed. */
const lasting = z
  .string({ error: no('missing') })
  .trim()
  .max(60, no('too-long'));
const sound = z.enum([...SOUNDS, ''], no('not-a-choice'));

/** A timer: what for, how long, how often on the way, where, and what comes next. */
export const startTimerSchema = z.object({
  commandId,
  name: shortText,
  lasts: lasting.min(1, no('missing')),
  every: lasting.default(''),
  placeId: z.union([id, z.literal('')]).default(''),
  next: z.string().overwrite(cleanText).trim().max(200, no('text-too-long')).default(''),
  sound: sound.default('')
});

/** So much longer or shorter. */
export const changeTimerSchema = z.object({
  commandId,
  timerId: id,
  way: z.enum(['longer', 'shorter'], no('not-a-choice')),
  by: lasting.min(1, no('missing'))
});

/** One timer: what rang was heard, or it is not wanted any more. */
export const ofTimerSchema = z.object({ commandId, timerId: id });
