import { z } from 'zod';
import { bareMass, readDose, readQuantity, type Ways } from '../core/reading';
import { SALINITIES } from '../core/safety';
import { saltyIngredient, type Rinsed } from '../core/salt';
import { done, refuse, type Outcome } from '../core/refusal';

/** Bits that the schemas share. A schema's message is a refusal code; `words.ts` has its sentence. */
export const id = z.string({ error: 'missing' }).regex(/^[A-Za-z0-9_.-]{1,64}$/, 'id-strange');
/** Made by the form: a double tap carries the same one twice and makes one entry. */
export const commandId = id;
/**
 * A text as it is kept: composed, without what is no letter of it: control characters, halves of surrogate pairs, marks that
 * turn the direction of what follows. Line ends and tabs stay.
 */
export const cleanText = (text: string): string =>
  text
    .normalize('NFC')
    .replaceAll('\r\n', '\n')
    .replace(/(?![\n\t])\p{Cc}|\p{Cs}|[\u202A-\u202E\u2066-\u2069\uFEFF]/gu, '');
export const shortText = z
  .string({ error: 'missing' })
  .overwrite(cleanText)
  .trim()
  .min(1, 'missing')
  .max(80, 'text-too-long');
export const maybeText = z.string().overwrite(cleanText).trim().max(80, 'text-too-long').default('');
export const note = z.string().overwrite(cleanText).trim().max(500, 'text-too-long').default('');
export const weightText = z.string({ error: 'missing' }).trim().min(1, 'missing').max(60, 'too-long');
export const maybeWeightText = z.string().trim().max(60, 'too-long').default('');
export const day = z.string({ error: 'missing' }).regex(/^\d{4}-\d{2}-\d{2}$/, 'day-strange');
/** A checkbox: "on" from a form, true from JSON; absent is no. */
export const ticked = z
  .union([z.boolean(), z.literal('on'), z.literal('true'), z.literal('false'), z.literal('')], {
    error: 'not-a-choice'
  })
  .default(false)
  .transform((v) => v === true || v === 'on' || v === 'true');
/** One or more ids: a form gives one alone or many, JSON a list. */
export const ids = z.preprocess(
  (v) => (v === undefined ? [] : Array.isArray(v) ? (v as unknown[]) : [v]),
  z
    .array(id)
    .min(1, 'no-jar-named')
    .max(200, 'too-many')
    // A jar named twice is one jar.
    .transform((all) => [...new Set(all)])
);
/** A number from a form or from JSON. */
export const number = (min: number, max: number, code: string) =>
  z.preprocess(
    (v) =>
      typeof v === 'string' && v.trim() !== '' ? Number(v.replace(',', '.')) : v === '' ? undefined : v,
    z.number({ error: code }).min(min, code).max(max, code)
  );
/** How many there are: whole ones. */
export const whole = (min: number, max: number) =>
  number(min, max, 'count-out-of-range').refine(Number.isInteger, 'count-not-whole');
/** A record of few entries: what is kept of a bench has an end. */
export const few = <T extends z.ZodRecord>(record: T) =>
  record.refine((r) => Object.keys(r as object).length <= 60, 'too-many');
/** Something said as JSON inside a form field. */
export const jsonField = <T extends z.ZodType>(inner: T) =>
  z.preprocess((v) => {
    if (typeof v !== 'string') return v;
    if (v.trim() === '') return undefined;
    try {
      return JSON.parse(v) as unknown;
    } catch {
      return v;
    }
  }, inner);

/** More than this at once is a slip, g. */
export const MOST_G = 500_000;

/** A weight as it was said, with its spread where it was said widely ("about 2 kg"). */
export interface WeightSaid {
  readonly said: string;
  readonly g: number;
  readonly sd?: number;
}

/** Reads a weight as typed; a bare number is in the unit given, and refused without one. */
export function readWeight(text: string, field: string, ways: Ways, unit?: string): Outcome<WeightSaid> {
  const read = readQuantity(text, { kind: 'mass', ...(unit ? { unit } : {}), system: ways.system });
  if (!read.ok) return refuse(read.refusal.code, { field, values: { ...read.refusal.values } });
  if (read.value.value <= 0) return refuse('weight-not-positive', { field });
  if (read.value.value > MOST_G) return refuse('weight-absurd', { field, values: { said: text } });
  const { value, sd } = read.value;
  return done({ said: text, g: value, ...(sd > 0 ? { sd } : {}) });
}

/** Net from "weight", or from gross and tare, each as typed. */
export function readWeighing(
  said: { weight: string; gross: string; tare: string; unit?: string },
  ways: Ways
): Outcome<WeightSaid> {
  if (said.gross === '' && said.tare === '') return readWeight(said.weight, 'weight', ways, said.unit);
  const gross = readWeight(said.gross, 'gross', ways, said.unit);
  if (!gross.ok) return gross;
  const tare = readWeight(said.tare, 'tare', ways, said.unit);
  if (!tare.ok) return tare;
  const g = gross.value.g - tare.value.g;
  if (g <= 0)
    return refuse('tare-too-heavy', { field: 'tare', values: { gross: said.gross, tare: said.tare } });
  return done({ said: `${said.gross} less ${said.tare}`, g });
}

/** Salty ingredients as typed, in g: a volume goes by the ingredient's density. Empty amounts are not in yet. */
export function readExtras(
  extras: readonly { id: string; amount: string }[],
  ways: Ways
): Outcome<{ id: string; g: number }[]> {
  const out: { id: string; g: number }[] = [];
  for (const { id: name, amount } of extras) {
    const known = saltyIngredient(name);
    if (!known) return refuse('ingredient-unknown', { field: 'extras', values: { said: name } });
    if (amount.trim() === '') continue;
    const mass = readQuantity(amount, { kind: 'mass', unit: 'g', system: ways.system });
    const volume = readQuantity(amount, { kind: 'volume', system: ways.system });
    const g = mass.ok ? mass.value.value : volume.ok ? volume.value.value * known.density : NaN;
    if (!(g >= 0))
      return mass.ok
        ? refuse('weight-not-positive', { field: 'extras' })
        : { ok: false, refusal: { ...mass.refusal, field: 'extras' } };
    out.push({ id: name, g });
  }
  return done(out);
}

/** Vegetables and water of each jar that was filled and weighed, g, in the order of the row; null: not yet. */
export function readFilled(
  filled: Readonly<Record<string, { gross: string; tare: string }>>,
  ways: Ways
): Outcome<(number | null)[]> {
  const last = Math.max(0, ...Object.keys(filled).map((k) => Number(k.slice(1))));
  const out: (number | null)[] = Array.from({ length: last }, () => null);
  for (const [key, { gross, tare }] of Object.entries(filled)) {
    if (gross.trim() === '') continue;
    const empty =
      tare.trim() === '' ? done({ said: '', g: 0 }) : readWeight(tare, 'filled', ways, bareMass(ways));
    const full = readWeight(gross, 'filled', ways, bareMass(ways));
    if (!full.ok) return full;
    if (!empty.ok) return empty;
    if (full.value.g <= empty.value.g)
      return refuse('tare-too-heavy', { field: 'filled', values: { gross, tare } });
    out[Number(key.slice(1)) - 1] = full.value.g - empty.value.g;
  }
  return done(out);
}

/** So many times less or more than the style's usual heavy salting is a slip. */
const HEAVY = { from: 0.02, to: 0.2 };

/**
 * The heavy salting of leaf as it is said: "10 %", "a cup to 4 lb", "2 tbsp a head". A percentage is of the leaf.
 * Answers the share of the leaf to strew; null where nothing is said.
 */
export function readHeavy(
  said: string,
  ways: Ways,
  pieceG: (word: string) => number | null
): Outcome<number | null> {
  if (said.trim() === '') return done(null);
  const read = readDose(said, ways);
  const field = 'heavy';
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  const shares = read.value.flatMap((r) => {
    const perG =
      r.base === 'head' ? (pieceG(r.piece ?? '') ?? NaN) * r.per : r.base === 'vegetables' ? r.per : NaN;
    return perG > 0 ? [r.saltG / perG] : [];
  });
  const [low, high] = [Math.min(...shares), Math.max(...shares)];
  if (shares.length === 0) return refuse('heavy-of-what', { field, values: { said } });
  if (high > low * 1.05)
    return refuse('strength-unclear', {
      field,
      values: { said, low: (low * 100).toFixed(1), high: (high * 100).toFixed(1) }
    });
  if (low < HEAVY.from || low > HEAVY.to)
    return refuse('heavy-strange', { field, values: { said, percent: (low * 100).toFixed(1) } });
  return done(low);
}

/** What was weighed and measured after a rinse, as typed; a percent wins over a taste. */
export function readRinsed(
  said: { after: string; taste: string; salinity: string },
  ways: Ways
): Outcome<Rinsed> {
  const after =
    said.after.trim() === '' ? done(null) : readWeight(said.after, 'rinsed', ways, bareMass(ways));
  if (!after.ok) return after;
  const percent = said.salinity.replace('%', '').replace(',', '.').trim();
  const salinity = percent === '' ? null : Number(percent) / 100;
  if (salinity !== null && !(salinity >= SALINITIES.from && salinity <= SALINITIES.to))
    return refuse('salinity-strange', { field: 'rinsed', values: { said: said.salinity } });
  const taste = said.taste === '' ? null : { taste: said.taste };
  return done({ afterG: after.value?.g ?? null, reading: salinity === null ? taste : { salinity } });
}
