import { z } from 'zod';
import { LOT_ENDS } from '../core/lot';
import { commandId, day, id, maybeText, maybeWeightText, note, ticked, weightText, whole } from './common';

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
  unit: z.string().max(10, 'too-long').optional(),
  withTops: ticked,
  quality: z.enum(['sound', 'trim', 'cull'], 'not-a-choice').default('sound'),
  kept: z.enum(['room', 'cold'], 'not-a-choice').default('room'),
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
  unit: z.string().max(10, 'too-long').optional(),
  note
});
/** A pick's other end, so that nothing lies in the Garden for ever. Without a weight: all of it. */
export const endPickSchema = z.object({
  commandId,
  lotId: id,
  how: z.enum(LOT_ENDS, 'not-a-choice'),
  weight: maybeWeightText,
  from: z.enum(['garden', 'bench'], 'not-a-choice').default('garden'),
  note
});
/** To the bench, or back. Without a weight: all of it. */
export const takeToBenchSchema = z.object({ commandId, lotId: id, weight: maybeWeightText });
export const putBackSchema = z.object({ commandId, lotId: id });
/** Weighed again once prepared; empty takes the weighing back. */
export const weighPreparedSchema = z.object({
  commandId,
  lotId: id,
  weight: maybeWeightText,
  unit: z.string().max(10, 'too-long').optional()
});

/** A pick on the bench sorted: what is culled, what is kept of the trim, what is prepared. Weights as typed. */
export const sortPickSchema = z.object({
  commandId,
  lotId: id,
  culled: maybeWeightText,
  prepared: maybeWeightText,
  followers: maybeWeightText,
  greens: maybeWeightText,
  seed: maybeWeightText,
  offcuts: maybeWeightText
});
