import { z } from 'zod';
import { LOT_ENDS } from '../core/lot';
import {
  bench,
  commandId,
  day,
  id,
  maybeText,
  maybeWeightText,
  note,
  ticked,
  weightText,
  whole,
  no
} from './common';

/** Weigh in a pick: the net weight as typed, or gross and tare. */
export const weighInSchema = z.object({
  commandId,
  cropId: id,
  variety: maybeText,
  bed: maybeText,
  day: day.optional(),
  weight: maybeWeightText,
  gross: maybeWeightText,
  tare: maybeWeightText,
  unit: z.string().max(10, no('too-long')).optional(),
  withTops: ticked,
  quality: z.enum(['sound', 'trim', 'cull'], no('not-a-choice')).default('sound'),
  kept: z.enum(['room', 'cold'], no('not-a-choice')).default('room'),
  /** Counted beside being weighed: the mean piece weight learns from it. */
  pieces: z.preprocess((v) => (v === '' ? undefined : v), whole(1, 5000).optional()),
  /** The pieces weigh far from the table, and it is so. */
  sure: ticked,
  note
});
/** The pick weighed something else: a new event, the old one stays. */
export const correctPickSchema = z.object({
  commandId,
  lotId: id,
  weight: weightText,
  unit: z.string().max(10, no('too-long')).optional(),
  note
});
/** A pick's other end, so that nothing lies in the Garden for ever. Without a weight: all of it. */
export const endPickSchema = z.object({
  commandId,
  lotId: id,
  how: z.enum(LOT_ENDS, no('not-a-choice')),
  weight: maybeWeightText,
  from: z.enum(['garden', 'bench'], no('not-a-choice')).default('garden'),
  bench,
  note
});
/** To the bench, or back. Without a weight: all of it. */
export const takeToBenchSchema = z.object({ commandId, lotId: id, bench, weight: maybeWeightText });
export const putBackSchema = z.object({ commandId, lotId: id, bench });
/** Weighed again once prepared; empty takes the weighing back. */
export const weighPreparedSchema = z.object({
  commandId,
  lotId: id,
  bench,
  weight: maybeWeightText,
  unit: z.string().max(10, no('too-long')).optional()
});

/** A pick on the bench sorted: what is culled, what is kept of the trim, what is prepared. Weights as typed. */
export const sortPickSchema = z.object({
  commandId,
  lotId: id,
  bench,
  culled: maybeWeightText,
  prepared: maybeWeightText,
  followers: maybeWeightText,
  greens: maybeWeightText,
  seed: maybeWeightText,
  offcuts: maybeWeightText
});
