import { z } from 'zod';
import { DOSES } from '../core/safety';
import {
  bench,
  commandId,
  few,
  id,
  note,
  whole,
  ticked,
  shortText,
  number,
  no,
  maybeWeightText,
  jsonField
} from './common';

/** The bench's vegetables into a vessel that stands already. */
export const addPickSchema = z.object({ commandId, bench, batchId: id, fillingId: id });
const way = z.enum(['equilibrium', 'perWater', 'perVegetables', 'perTotal', 'byTaste'], no('not-a-choice'));
const salting = z.enum(['dry', 'brine', 'rinsed'], no('not-a-choice'));
const mix = z.enum(['jug', 'in the jar'], no('not-a-choice'));
const tasteId = z.enum(['bland', 'soup', 'salty', 'sea'], no('not-a-choice'));

/** After the rinse: the weight as typed, a taste, or the juice's salt in percent as typed. */
export const rinsedSchema = z.object({
  after: z.string().max(60, no('too-long')).default(''),
  taste: z.union([tasteId, z.literal('')]).default(''),
  salinity: z.string().max(20, no('too-long')).default(''),
  /** Rinses before this one. */
  log: z
    .array(
      z.object({
        after: z.string().max(60, no('too-long')),
        taste: z.string().max(20, no('too-long')),
        salinity: z.string().max(20, no('too-long'))
      })
    )
    .max(12, no('too-many'))
    .default([])
});
export type RinsedSaid = z.infer<typeof rinsedSchema>;

/** A dose as mass fraction of the base it names. */
const fraction = number(DOSES.from, DOSES.to, 'salt-out-of-range');

/** Salty ingredients, the amount as typed: g or ml. */
export const extraSchema = z.object({ id, amount: z.string().max(60, no('too-long')) });
const extras = jsonField(z.array(extraSchema).max(20, no('too-many')).default([]));
const counts = jsonField(
  few(z.record(id, whole(0, 99)))
    .nullable()
    .default(null)
);

/** By the jar's place in the row ("j1"): gross and empty weight, as typed. */
const filled = z.record(
  z.string().regex(/^j\d{1,2}$/, no('id-strange')),
  z.object({ gross: z.string().max(60, no('too-long')), tare: z.string().max(60, no('too-long')) })
);
export type FilledSaid = z.infer<typeof filled>;

/** What was over, as typed, and the kind of jar that it has of its own. */
const side = z.object({ jarId: id, weight: z.string().max(60, no('too-long')) });

/** What stands on the bench: enough for the worksheet, whoever computes it. */
export const benchChoiceSchema = z.object({
  styleId: id,
  way: way.default('equilibrium'),
  fraction,
  saltKindId: id,
  counts,
  choice: number(0, 2, no('not-a-choice')).default(0),
  placeId: id,
  opens: ticked,
  extras,
  salting: salting.optional(),
  rinsed: jsonField(rinsedSchema.optional()),
  mix: mix.default('jug'),
  hot: ticked,
  /** Kept brines that go in. */
  brineIds: jsonField(z.array(id).max(10, no('too-many')).default([])),
  /** The heavy salting as it is said; empty: the style's usual. */
  heavy: z.string().max(160, no('dose-too-long')).default(''),
  /** Jars that are not full are topped up with brine, or not; left out: as the style does. */
  topUp: z.enum(['yes', 'no'], no('not-a-choice')).optional(),
  /** Fill and weigh: what each jar weighs full and empty, as typed, by its place in the row. */
  filled: jsonField(filled.default({})),
  side: jsonField(side.optional())
});

/** Compute without storing: things as weighed, by crop. */
export const worksheetSchema = benchChoiceSchema.extend({
  /** The bench it is asked for: what that one holds is free to it. Left out: none of them, and what they hold is not free. */
  bench: id.optional(),
  items: z
    .array(z.object({ cropId: id, picked: maybeWeightText, prepared: maybeWeightText, withTops: ticked }), {
      error: no('missing')
    })
    .min(1, no('bench-empty'))
    .max(50, no('too-many'))
});

/** Start a batch from what lies on the bench. `lotIds` empty: all of it. */
export const startBatchSchema = benchChoiceSchema.extend({
  commandId,
  bench,
  name: shortText,
  note,
  /** Brine really poured, as typed; empty: as planned. */
  brineUsed: maybeWeightText,
  /** Keep what is left of the mixed brine for the next batch. */
  keepRest: ticked,
  /** The recipe it was made by. */
  recipeId: z.union([id, z.literal('')]).default(''),
  /** Rules of harm that were read and overridden, by name. */
  knowing: jsonField(z.array(id).max(20, no('too-many')).default([])),
  /** Prepared weights as they stood on the page that starts, as typed, by pick; left out, whatever is there is meant. */
  seen: jsonField(few(z.record(id, z.string().max(60, no('too-long')))).optional())
});

/** The draft of the bench: settings only; weights are events of their own. */
export const benchDraftSchema = z.object({
  /** Its place in the row of those begun: the house says it. */
  begun: z.number().int().min(0).optional(),
  /** Jars that it would take as it stands: not promised to another. */
  holds: few(z.record(id, whole(0, 99))).optional(),
  /** Salt that it would take, by its kind, g: not promised to another either. */
  holdsSalt: few(z.record(id, z.number().min(0).max(1e6))).optional(),
  /** Grows with every change, so that a page knows which of two answers is the newer. */
  rev: z.number().int().min(0).optional(),
  styleId: id.optional(),
  way: way.optional(),
  fraction: fraction.optional(),
  saltKindId: id.optional(),
  counts: few(z.record(id, whole(0, 99)))
    .nullable()
    .optional(),
  choice: number(0, 2, 'not-a-choice').optional(),
  placeId: id.optional(),
  opens: z.boolean().optional(),
  extras: z.array(extraSchema).max(20, no('too-many')).optional(),
  salting: salting.optional(),
  rinsed: rinsedSchema.optional(),
  mix: mix.optional(),
  hot: z.boolean().optional(),
  brineIds: z.array(id).max(10, no('too-many')).optional(),
  heavy: z.string().max(160, no('dose-too-long')).optional(),
  topUp: z.enum(['yes', 'no']).optional(),
  filled: filled.optional(),
  side: side.optional(),
  recipeId: id.optional(),
  /** Weighed against a target, as typed, by what it is; targets moved by hand, g. */
  weighed: few(z.record(id, z.string().max(60, no('too-long')))).optional(),
  targets: few(z.record(id, z.number().min(0).max(1e6))).optional(),
  /** Habits of dosing as the household says them, to hold against the batch. */
  said: z
    .array(z.string().max(160, no('text-too-long')))
    .max(2, no('too-many'))
    .optional(),
  name: z.string().max(80, no('text-too-long')).optional()
});
export type BenchDraft = z.infer<typeof benchDraftSchema>;

/** A change of the draft, field by field, so that two phones on one bench do not wipe each other's choices out. */
export const draftChangeSchema = z.object({
  bench,
  set: benchDraftSchema.default({}),
  forget: z.array(benchDraftSchema.keyof()).max(40, no('too-many')).default([]),
  /** Everything begins anew. */
  anew: z.boolean().default(false)
});
export type DraftChange = z.input<typeof draftChangeSchema>;
