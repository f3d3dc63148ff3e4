import { z } from 'zod';
import { FIRST_BENCH } from '../core/lot';
import { LIDS } from '../core/vessel';
import type { RefusalCode } from '../core/refusal';

/** Bits that the schemas share. A schema's message is a refusal code, `words.ts` has its sentence; another does not compile. */
export const no = (code: RefusalCode): RefusalCode => code;

/** Ids are keys of plain objects, too: one that every object has of its own (`constructor`) is none. */
export const id = z
  .string({ error: no('missing') })
  .regex(/^[A-Za-z0-9_.-]{1,64}$/, no('id-strange'))
  .refine((text) => !(text in {}), no('id-strange'));
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
  .string({ error: no('missing') })
  .overwrite(cleanText)
  .trim()
  .min(1, no('missing'))
  .max(80, no('text-too-long'));
export const maybeText = z.string().overwrite(cleanText).trim().max(80, no('text-too-long')).default('');
export const note = z.string().overwrite(cleanText).trim().max(500, no('text-too-long')).default('');
export const weightText = z
  .string({ error: no('missing') })
  .trim()
  .min(1, no('missing'))
  .max(60, no('too-long'));
export const maybeWeightText = z.string().trim().max(60, no('too-long')).default('');
export const day = z.string({ error: no('missing') }).regex(/^\d{4}-\d{2}-\d{2}$/, no('day-strange'));
/** Which bench; left out: the first. */
export const bench = id.default(FIRST_BENCH);
/** A checkbox: "on" from a form, true from JSON; absent is no. */
export const ticked = z
  .union([z.boolean(), z.literal('on'), z.literal('true'), z.literal('false'), z.literal('')], {
    error: no('not-a-choice')
  })
  .default(false)
  .transform((v) => v === true || v === 'on' || v === 'true');
/** One or more ids: a form gives one alone or many, JSON a list. */
export const ids = z.preprocess(
  (v) => (v === undefined ? [] : Array.isArray(v) ? (v as unknown[]) : [v]),
  z
    .array(id)
    .min(1, no('no-jar-named'))
    .max(200, no('too-many'))
    // A jar named twice is one jar.
    .transform((all) => [...new Set(all)])
);
export const lid = z
  .enum(LIDS as [string, ...string[]], no('not-a-choice'))
  .transform((v) => v as (typeof LIDS)[number]);
/** A number from a form or from JSON. */
export const number = (min: number, max: number, code: RefusalCode) =>
  z.preprocess(
    (v) =>
      typeof v === 'string' && v.trim() !== '' ? Number(v.replace(',', '.')) : v === '' ? undefined : v,
    z.number({ error: code }).min(min, code).max(max, code)
  );
/** What is left empty is none. */
export const orNone = <S extends z.ZodType>(of: S) =>
  z.preprocess((v) => (v === '' || v === undefined ? null : v), of.nullable());
/** How many there are: whole ones. */
export const whole = (min: number, max: number) =>
  number(min, max, 'count-out-of-range').refine(Number.isInteger, 'count-not-whole');
/** A record of few entries: what is kept of a bench has an end. */
export const few = <T extends z.ZodRecord>(record: T) =>
  record.refine((r) => Object.keys(r as object).length <= 60, no('too-many'));
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

/** What an electrode says. */
export const millivolts = number(-600, 600, 'mv-out-of-range');

/** A day, or nothing. */
export const maybeDay = z
  .string()
  .trim()
  .regex(/^(\d{4}-\d{2}-\d{2})?$/, no('day-strange'))
  .default('');
