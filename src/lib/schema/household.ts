import { z } from 'zod';
import type { RefusalCode } from '../core/refusal';
import { CUTS } from '../core/produce';
import { PIECE_NAMES } from '../core/reading';
import { EATERS } from '../core/safety';
import { WEIGHT_KINDS } from '../core/vessel';
import {
  cleanText,
  commandId,
  maybeText,
  day,
  id,
  jsonField,
  lid,
  number,
  orNone,
  shortText,
  ticked,
  whole,
  no,
  millivolts,
  weightText
} from './common';

const units = z.enum(['metric', 'US', 'imperial'], no('not-a-choice'));
const spoons = z.enum(['US', 'metric', 'AU', 'imperial'], no('not-a-choice'));

/** A time of the day, as a clock shows it, within bounds: minutes after midnight. */
const clockTime = (from: number, to: number, code: RefusalCode) =>
  z
    .string({ error: no('missing') })
    .regex(/^([01]?\d|2[0-3]):[0-5]\d$/, code)
    .transform((said) => said.split(':').reduce((a, n) => a * 60 + Number(n), 0))
    .refine((at) => at >= from && at <= to, code);

const jar = z.object({ geometryId: id, lid, owned: whole(0, 500) });

/** The first-run page: units, people, jars; or skipped. */
export const settleSchema = z.object({
  commandId,
  skip: ticked,
  name: z.string().overwrite(cleanText).trim().max(80, no('text-too-long')).optional(),
  address: z.string().overwrite(cleanText).trim().max(120, no('text-too-long')).optional(),
  people: number(1, 50, 'people-out-of-range').optional(),
  units: units.optional(),
  spoons: spoons.optional(),
  saltKindId: id.optional(),
  scaleStepG: number(0.01, 50, 'step-out-of-range').optional(),
  beds: z.string().overwrite(cleanText).max(500, no('text-too-long')).optional(),
  waterId: id.optional(),
  morning: clockTime(4 * 60, 12 * 60, 'morning-out-of-range').optional(),
  evening: clockTime(15 * 60, 23 * 60, 'evening-out-of-range').optional(),
  mild: z.enum(['yes', 'no'], no('not-a-choice')).optional(),
  /** Who eats here; the form says that it asked, since an empty list sends nothing. */
  eatersAsked: ticked,
  eaters: z.preprocess(
    (v) => (v === undefined ? [] : Array.isArray(v) ? (v as unknown[]) : [v]),
    z.array(z.enum(EATERS, no('not-a-choice'))).max(10, no('too-many'))
  ),
  jars: jsonField(z.array(jar).max(30, no('too-many')).default([]))
});

/** So many jars of one shape and lid are owned; said again, it replaces. */
export const ownJarsSchema = jar.extend({
  commandId,
  jarId: id.optional(),
  name: z.string().trim().max(80, no('text-too-long')).default('')
});

/** A jar kind measured: full of water on the scale, headspace, what its weight pushes aside. Empty: the table's. */
export const measureJarSchema = z.object({
  commandId,
  jarId: id,
  waterWeight: z.string().trim().max(60, no('too-long')).default(''),
  headspace: z.string().trim().max(60, no('too-long')).default(''),
  weightMl: z.preprocess(
    (v) => (v === '' || v === undefined ? null : v),
    number(0, 5000, 'count-out-of-range').nullable()
  ),
  /** Which weight goes in it; empty: none said. */
  weightId: z.union([id, z.literal('')]).optional()
});

const measure = z
  .string({ error: no('missing') })
  .trim()
  .min(1, no('missing'))
  .max(60, no('too-long'));
/** A shape of the household's own: full of water on the scale, opening and height with a ruler. */
export const shapeJarSchema = z.object({
  commandId,
  name: shortText,
  kind: z.enum(['jar', 'crock', 'bucket', 'bottle'], no('not-a-choice')),
  shape: z.enum(['straight', 'shouldered'], no('not-a-choice')),
  waterWeight: measure,
  opening: measure,
  height: measure,
  lid,
  owned: whole(1, 500)
});

/** A weight with its own measures. */
export const setWeightSchema = z.object({
  commandId,
  weightId: id.optional(),
  name: shortText,
  kind: z
    .enum(WEIGHT_KINDS as [string, ...string[]], no('not-a-choice'))
    .transform((v) => v as (typeof WEIGHT_KINDS)[number]),
  displacesMl: number(0, 5000, 'count-out-of-range'),
  heightMm: number(1, 400, 'count-out-of-range'),
  widthMm: number(10, 500, 'count-out-of-range')
});

/** Who goes round a place; empty: whoever comes by. */
export const takePlaceSchema = z.object({ commandId, placeId: id, name: maybeText });

/** Nobody is here from one day to another. */
export const planAwaySchema = z.object({ commandId, from: day, to: day });
export const dropAwaySchema = z.object({ commandId, awayId: id });

/** A jar broke: one fewer is owned; what stood in it is thrown away. */
export const breakJarSchema = z.object({
  commandId,
  jarId: id,
  fillingId: z.union([id, z.literal('')]).optional()
});

/** Jars washed, of one kind; left out or empty: all of them. */
export const washJarsSchema = z.object({ commandId, jarId: z.union([id, z.literal('')]).default('') });

/** A bowl or jar weighed empty once. */
export const setPortionSchema = z.object({ commandId, name: shortText, weight: weightText });
export const setTareSchema = z.object({
  commandId,
  tareId: id.optional(),
  name: shortText,
  weight: z
    .string({ error: no('missing') })
    .trim()
    .min(1, no('missing'))
    .max(60, no('too-long'))
});

/** Level spoons of one salt, weighed together; no weight goes back to the table. */
export const weighSpoonSchema = z.object({
  commandId,
  saltKindId: id,
  spoons: whole(1, 50).default(10),
  unit: z.enum(['tsp', 'tbsp'], no('not-a-choice')).default('tsp'),
  weight: z.string().trim().max(60, no('too-long')).default('')
});

const perhaps = (min: number, max: number) => orNone(number(min, max, 'figure-out-of-range'));
/** A crop of the household's own, or a figure of the table corrected; what is left empty is the table's. Percents and days. */
export const setCropSchema = z.object({
  commandId,
  cropId: id.optional(),
  like: id.default(''),
  name: maybeText,
  water: perhaps(30, 99),
  sugar: perhaps(0, 40),
  trim: perhaps(5, 100),
  piece: z.union([z.enum(PIECE_NAMES), z.literal('')], no('not-a-choice')).default(''),
  weight: z.string().trim().max(60, no('too-long')).default(''),
  keepRoom: perhaps(1, 400),
  keepCold: perhaps(1, 400),
  cut: z.union([z.enum(CUTS), z.literal('')], no('not-a-choice')).default('')
});
/** A way of its own to make a style, within the style's safe ranges; what is left empty is as the style has it. */
export const setStyleSchema = z.object({
  commandId,
  styleId: id.optional(),
  like: id.default(''),
  name: maybeText,
  salt: perhaps(0.1, 30),
  daysFrom: perhaps(0, 400),
  daysTo: perhaps(0, 400),
  monthsFrom: perhaps(0, 60),
  monthsTo: perhaps(0, 60),
  cutLike: z.union([z.enum(CUTS), z.literal('')], no('not-a-choice')).default(''),
  cutName: maybeText,
  cutWeight: z.string().trim().max(60, no('too-long')).default('')
});
export const dropStyleSchema = z.object({ commandId, styleId: id });
export const dropCropSchema = z.object({ commandId, cropId: id });

/** What was learnt of something begins anew. */
export const resetLearningSchema = z.object({
  commandId,
  what: z
    .string()
    .regex(
      /^(trim:[a-z-]+(_\d+)?(\+tops)?|piece:[a-z-]+(_\d+)?|packing:[a-z-]+(_\d+)?\.[a-z-]+(_\d+-[a-z]+)?|brine|pace:[a-z-]+(:[a-z-]+(_\d+)?)?|rate:[a-z-]+)$/,
      no('not-a-choice')
    )
});

export const setPlaceSchema = z.object({
  commandId,
  placeId: id.optional(),
  name: shortText,
  kind: z.enum(['counter', 'cold', 'pantry'], no('not-a-choice')),
  tempC: number(-5, 45, 'temp-out-of-range'),
  /** So much warmer in the afternoon than over the day. */
  swingC: z.preprocess((v) => (v === '' || v === undefined ? 0 : v), number(0, 12, 'swing-out-of-range')),
  /** What was said of its warmth before was a mistake: it was always as it is said now. */
  always: ticked,
  shelfLitres: z.preprocess(
    (v) => (v === '' || v === undefined ? null : v),
    number(1, 5000, 'count-out-of-range').nullable()
  ),
  /** Clear height over its boards, mm. */
  shelfMm: z.preprocess(
    (v) => (v === '' ? undefined : v),
    number(50, 3000, 'shelf-height-strange').optional()
  )
});

/** What a thermometer says at a place. */
export const readThermometerSchema = z.object({
  commandId,
  placeId: id,
  tempC: number(-5, 45, 'temp-out-of-range')
});

/** What the electrode of the house's meter says in its two buffers. */
export const calibrateMeterSchema = z.object({
  commandId,
  ...{ sevenMv: millivolts, sevenC: number(-5, 45, 'temp-out-of-range') },
  ...{ fourMv: millivolts, fourC: number(-5, 45, 'temp-out-of-range') }
});

export const undoSchema = z.object({ commandId, of: id });
export const stepClockSchema = z.object({ by: z.enum(['hour', 'day', 'due', 'ring'], no('not-a-choice')) });
