import { z } from 'zod';
import { CARE_KINDS } from '../core/batch';
import {
  commandId,
  day,
  id,
  ids,
  jsonField,
  maybeText,
  maybeWeightText,
  note,
  number,
  shortText,
  ticked
} from './common';

const way = z.enum(['equilibrium', 'perWater', 'perVegetables', 'perTotal'], 'not-a-choice');
/** A dose as mass fraction of the base it names. */
const fraction = number(0.001, 0.6, 'salt-out-of-range');
/** Salty ingredients, the amount as typed: g or ml. */
export const extraSchema = z.object({ id, amount: z.string().max(60, 'too-long') });
const extras = jsonField(z.array(extraSchema).max(20, 'too-many').default([]));
const counts = jsonField(
  z
    .record(id, number(0, 99, 'count-out-of-range'))
    .nullable()
    .default(null)
);

/** What stands on the bench: enough for the worksheet, whoever computes it. */
export const benchChoiceSchema = z.object({
  styleId: id,
  way: way.default('equilibrium'),
  fraction,
  saltKindId: id,
  counts,
  choice: number(0, 2, 'not-a-choice').default(0),
  placeId: id,
  opens: ticked,
  extras
});

/** Compute without storing: things as weighed, by crop. */
export const worksheetSchema = benchChoiceSchema.extend({
  items: z
    .array(z.object({ cropId: id, picked: maybeWeightText, prepared: maybeWeightText, withTops: ticked }), {
      error: 'missing'
    })
    .min(1, 'bench-empty')
    .max(50, 'too-many')
});

/** Start a batch from what lies on the bench. `lotIds` empty: all of it. */
export const startBatchSchema = benchChoiceSchema.extend({
  commandId,
  name: shortText,
  note,
  /** Brine really poured, as typed; empty: as planned. */
  brineUsed: maybeWeightText,
  /** Rules of harm that were read and overridden, by name. */
  knowing: jsonField(z.array(id).max(20, 'too-many').default([]))
});

/** The draft of the bench: settings only; weights are events of their own. */
export const benchDraftSchema = z.object({
  styleId: id.optional(),
  way: way.optional(),
  fraction: fraction.optional(),
  saltKindId: id.optional(),
  counts: z
    .record(id, number(0, 99, 'count-out-of-range'))
    .nullable()
    .optional(),
  choice: number(0, 2, 'not-a-choice').optional(),
  placeId: id.optional(),
  opens: z.boolean().optional(),
  extras: z.array(extraSchema).max(20, 'too-many').optional(),
  /** Habits of dosing as the household says them, to hold against the batch. */
  said: z.array(z.string().max(80, 'text-too-long')).max(2, 'too-many').optional(),
  name: z.string().max(80, 'text-too-long').optional()
});
export type BenchDraft = z.infer<typeof benchDraftSchema>;

const careKind = z.enum(CARE_KINDS, 'not-a-choice');
export const careSchema = z.object({
  commandId,
  batchId: id,
  kind: careKind,
  how: z.enum(['done', 'skipped'], 'not-a-choice').default('done'),
  slot: number(0, 1e9, 'not-a-choice'),
  fillingIds: ids
});

const mark = (code: string) => number(0, 5, code);
const tasteMarks = {
  sour: mark('mark-out-of-range'),
  salt: mark('mark-out-of-range'),
  crunch: mark('mark-out-of-range'),
  note
};
export const tasteSchema = z.object({ commandId, batchId: id, fillingIds: ids, ...tasteMarks });
export const correctTasteSchema = z.object({ commandId, batchId: id, of: id, ...tasteMarks });
export const measurePHSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  pH: number(2, 8, 'ph-out-of-range')
});
export const moveJarsSchema = z.object({ commandId, batchId: id, fillingIds: ids, placeId: id });

/** A quarter, the rest, or a weight as typed; `seenG` is what the page showed as left. */
export const takePortionSchema = z.object({
  commandId,
  batchId: id,
  fillingId: id,
  how: z.enum(['eaten', 'given', 'thrown'], 'not-a-choice'),
  amount: z.enum(['quarter', 'half', 'all', 'weight'], 'not-a-choice').default('quarter'),
  weight: maybeWeightText,
  reason: maybeText,
  seenG: number(0, 1e6, 'not-a-choice').optional()
});
export const correctPortionSchema = z.object({
  commandId,
  batchId: id,
  of: id,
  weight: z.string().trim().min(1, 'missing').max(60, 'too-long')
});

/** What already stood there on the first day. */
export const enterStandingSchema = z.object({
  commandId,
  name: shortText,
  styleId: id,
  cropId: id,
  since: day,
  placeId: id,
  placeSince: z.union([day, z.literal('')]).optional(),
  jarId: id,
  jars: number(1, 50, 'count-out-of-range'),
  quarters: number(1, 4, 'not-a-choice').default(4),
  saltPercent: z.preprocess(
    (v) => (v === '' ? undefined : v),
    number(0.5, 10, 'salt-out-of-range').optional()
  ),
  note: maybeText
});
