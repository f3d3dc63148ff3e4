import type { RefusalCode } from '../core/refusal';
import { z } from 'zod';
import { CARE_HOW, CARE_KINDS, GAS_SEEN, PORTION_HOW } from '../core/batch';
import { TROUBLES } from '../core/correct';
import { SALINITIES } from '../core/safety';
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
  ticked,
  whole,
  no,
  millivolts
} from './common';

const careKind = z.enum(CARE_KINDS, no('not-a-choice'));
export const careSchema = z.object({
  commandId,
  batchId: id,
  kind: careKind,
  how: z.enum(['done', 'skipped'], no('not-a-choice')).default('done'),
  slot: number(0, 1e9, 'not-a-choice'),
  fillingIds: ids
});

const mark = (code: RefusalCode) => number(0, 5, code);
/** Left out: not said. */
const maybeMark = mark('mark-out-of-range')
  .optional()
  .transform((n) => n ?? null);
/** Beside how sour it is. */
const moreMarks = {
  ...{ salt: maybeMark, crunch: maybeMark, bite: maybeMark, aroma: maybeMark },
  ...{ who: maybeText, liked: ticked, note }
};
const tasteMarks = { sour: mark('mark-out-of-range'), ...moreMarks };
export const tasteSchema = z.object({ commandId, batchId: id, fillingIds: ids, ...tasteMarks });
export const correctTasteSchema = z.object({ commandId, batchId: id, of: id, ...tasteMarks });
/** What a pH was read with; `mV` and `tempC` where it stands on the line of the house's own meter, which then counts alone. */
export const readBy = {
  by: z.enum(['strip', 'meter'], no('not-a-choice')).default('strip'),
  mV: millivolts.optional(),
  tempC: number(-5, 45, 'temp-out-of-range').optional()
};
/** A round at jars: at each batch what was done of its care; marks and a pH are of all the jars named. */
export const visitSchema = z.object({
  commandId,
  visits: jsonField(
    z
      .array(
        z.object({
          batchId: id,
          fillingIds: ids,
          cares: z
            .array(z.object({ kind: careKind, slot: number(0, 1e9, 'not-a-choice'), fillingIds: ids }))
            .max(20, no('too-many'))
        })
      )
      .min(1, no('no-jar-named'))
      .max(60, no('too-many'))
  ),
  how: z.enum(CARE_HOW, no('not-a-choice')).default('done'),
  sour: maybeMark,
  ...moreMarks,
  pH: z.preprocess((v) => (v === '' ? undefined : v), number(2, 8, 'ph-out-of-range').optional()),
  ...readBy
});
export const measurePHSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  pH: number(2, 8, 'ph-out-of-range'),
  ...readBy
});

/** A photo, shrunk by the browser: a JPEG as a data address. */
export const addPhotoSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  image: z
    .string(no('photo-strange'))
    .max(900_000, no('photo-too-large'))
    .regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/]+={0,2}$/, no('photo-strange'))
});
export const deletePhotoSchema = z.object({ commandId, batchId: id, of: id });

/** Acid titrated: so much lye, in ml or drops, turned a sample. */
export const titrateSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  sampleMl: number(1, 100, 'titration-out-of-range'),
  molar: number(0.01, 1, 'titration-out-of-range'),
  used: number(0.01, 2000, 'titration-out-of-range'),
  unit: z.enum(['ml', 'drops'], no('not-a-choice')).default('ml')
});

/** How much gas one saw. */
export const seeGasSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  seen: z.enum(GAS_SEEN, no('not-a-choice'))
});

/** A reading that was wrong: what it really was; empty: there was none. */
export const correctPHSchema = z.object({
  commandId,
  batchId: id,
  of: id,
  pH: z.preprocess((v) => (v === '' ? undefined : v), number(2, 8, 'ph-out-of-range').optional())
});

/** A sign that was seen, by its id. */
export const seeSignSchema = z.object({ commandId, batchId: id, fillingIds: ids, sign: id });
export const takeBackSignSchema = z.object({ commandId, batchId: id, of: id });

/** A quarter, the rest, or a weight as typed; `seenG` is what the page showed as left. */
export const takePortionSchema = z.object({
  commandId,
  batchId: id,
  fillingId: id,
  how: z.enum(PORTION_HOW, no('not-a-choice')),
  amount: z.enum(['quarter', 'half', 'all', 'weight'], no('not-a-choice')).default('quarter'),
  weight: maybeWeightText,
  reason: maybeText,
  keepBrine: ticked,
  seenG: number(0, 1e6, 'not-a-choice').optional()
});

/** Whole jars that are gone. */
export const goneSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  how: z.enum(['eaten', 'given', 'thrown'], no('not-a-choice'))
});

/** What is left of a jar into another one that is free; no weight: all of it. */
export const decantSchema = z.object({
  commandId,
  batchId: id,
  fillingId: id,
  jarId: id,
  weight: maybeWeightText
});

/** A jar poured into another that stands, of this batch or of another; no weight: all of it. */
export const pourTogetherSchema = z.object({
  commandId,
  batchId: id,
  fillingId: id,
  intoBatchId: id,
  intoFillingId: id,
  weight: maybeWeightText
});
export const correctPortionSchema = z.object({
  commandId,
  batchId: id,
  of: id,
  weight: z.string().trim().min(1, no('missing')).max(60, no('too-long'))
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
  jars: whole(1, 50),
  quarters: number(1, 4, no('not-a-choice')).default(4),
  saltPercent: z.preprocess(
    (v) => (v === '' ? undefined : v),
    number(SALINITIES.from * 100, SALINITIES.to * 100, 'salinity-strange').optional()
  ),
  note: maybeText
});

/** Brine made ahead or drained from a batch: how much, and how strong. */
export const keepBrineSchema = z.object({
  commandId,
  name: shortText,
  amount: z
    .string({ error: no('missing') })
    .trim()
    .min(1, no('missing'))
    .max(60, no('too-long')),
  strengthPercent: number(SALINITIES.from * 100, SALINITIES.to * 100, 'brine-strength-strange'),
  batchId: z.union([id, z.literal('')]).optional(),
  /** The jar it is drained off; left out: brine that was drawn off or left over before. */
  fillingId: z.union([id, z.literal('')]).optional()
});

/** Kept brine taken: into soup, a dressing, down the drain. Without an amount: all of it. */
export const takeBrineSchema = z.object({ commandId, brineId: id, amount: maybeWeightText });

/** What went wrong with jars, and what is known of it, each amount as typed and per jar. */
export const putRightSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  trouble: z
    .enum(TROUBLES as [string, ...string[]], no('not-a-choice'))
    .transform((v) => v as (typeof TROUBLES)[number]),
  /** Missing, poured or added: ml, g, or mm of level. */
  amount: maybeWeightText,
  lost: maybeWeightText,
  /** As tasted or measured; empty: as the record says. */
  salinityPercent: z.string().max(20, no('too-long')).default(''),
  /** Where it should end; empty: the style's usual. */
  targetPercent: z.string().max(20, no('too-long')).default(''),
  freeBrine: maybeWeightText,
  /** Of a wrong top-up: percent of salt in it, 0 for plain water. */
  strengthPercent: z.string().max(60, no('too-long')).default(''),
  cropId: z.union([id, z.literal('')]).default(''),
  reason: note
});
export type PutRightSaid = z.input<typeof putRightSchema>;

/** Acid stirred into a sauce: the pH before, the pH wanted, and how much of which. */
export const sourSauceSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  pH: number(2, 8, 'ph-out-of-range'),
  wanted: number(2, 8, 'ph-out-of-range'),
  sauce: z
    .string({ error: no('missing') })
    .trim()
    .min(1, no('missing'))
    .max(60, no('too-long')),
  vinegarMl: number(0, 20_000, 'count-out-of-range').default(0),
  citricG: number(0, 2000, 'count-out-of-range').default(0)
});
