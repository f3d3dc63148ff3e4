import { done, refuse, type Outcome } from '../refusal/index';
import { inFigures } from './spoken';
import { UNITS, unitFor, type Kind, type SpoonSystem, type Unit } from './units';

export interface Reading {
  /** g, ml or mm. */
  readonly value: number;
  /** The unit of the largest part, as said: remembered for the next weighing. */
  readonly unit: string;
  readonly kind: Kind;
}

export interface ReadOptions {
  readonly kind: Kind;
  /** Whose spoons and cups; default metric. */
  readonly system?: SpoonSystem;
  /** Unit taken when only a number is said ("842"); without it, a bare number is refused. */
  readonly unit?: string;
}

interface Part {
  readonly number: number;
  readonly unit: Unit | undefined;
}

const glyphs: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅕': '1/5',
  '⅖': '2/5'
};

const examples: Record<Kind, string> = {
  mass: '1 195 g, 3.4 kg, 2 lb 3 oz',
  volume: '350 ml, 1.5 l, 3/4 cup',
  length: '25 mm, 2.5 cm, 1 in'
};

const NUMBER =
  /^(?:(\d+)[ ]+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d{1,3}(?: \d{3})+(?:[.,]\d+)?)(?!\d)|(\d+[.,]\d+|[.,]\d+|\d+))/;
const WORD = /^(?:["'#]|(?:[a-z]+\.?)(?: ?(?:[a-z]+\.?)){0,3})/;

/**
 * Reads a mass, volume or length as people type or dictate it: "2 lb 3 oz", "2lb3", "1 ½ kg", "1,5 l", "3/4 cup",
 * "1 195 g", "two pounds three ounces", "half a kilo".
 * Answers g, ml or mm. Refuses, with the reason, what could mean two things ("1,250 g"), what it does not know,
 * what is of another kind, and what has no unit unless `options.unit` names one.
 * Factors: `units.ts` (exact by definition).
 * Example: `readQuantity('2 lb 3 oz', { kind: 'mass' })` answers 992.23331… g.
 */
export function readQuantity(text: string, options: ReadOptions): Outcome<Reading> {
  const said = text.trim().slice(0, 60);
  const bad = (code: string, more: Record<string, string | number> = {}) =>
    refuse(code, { values: { said, examples: examples[options.kind], kind: options.kind, ...more } });
  if (said === '') return bad('nothing-said');
  if (text.trim().length > 60) return bad('too-long');
  const tidy = tidied(said);
  if (/^[-−–]/.test(tidy)) return bad('negative');
  const unclear = /(?<!\d)([1-9]\d{0,2}),(\d{3})(?!\d)/.exec(tidy);
  if (unclear)
    return bad('comma-unclear', { one: `${unclear[1]}.${unclear[2]}`, other: `${unclear[1]}${unclear[2]}` });
  const parts = partsOf(tidy, options);
  if (typeof parts === 'string') {
    if (/fluid|fl\b/.test(tidy) && options.kind === 'mass') return bad('ounce-unclear');
    return bad('not-understood', { rest: parts });
  }
  return sum(parts, options, bad);
}

function tidied(said: string): string {
  let t = said.toLowerCase().replace(/[\u00a0\u2000-\u200a\u202f]/g, ' ');
  t = t.replace(/[⁄∕]/g, '/').replace(/[″”]/g, '"').replace(/[′’]/g, "'");
  for (const [glyph, fraction] of Object.entries(glyphs)) t = t.replaceAll(glyph, ` ${fraction}`);
  return inFigures(
    t
      .replace(/\s+/g, ' ')
      .replace(/ ?\/ ?/g, '/')
      .trim()
  );
}

/** The parts in the order said, or the rest that was not understood. */
function partsOf(tidy: string, options: ReadOptions): Part[] | string {
  const parts: Part[] = [];
  let rest = tidy;
  while (rest !== '') {
    const n = NUMBER.exec(rest);
    if (!n) return rest;
    const number = numberOf(n);
    if (number === undefined) return rest;
    rest = rest.slice(n[0].length).trimStart();
    const found = longestUnit(rest, options.system ?? 'metric');
    if (!found && rest !== '') return rest;
    parts.push({ number, unit: found?.unit });
    rest = rest.slice(found?.length ?? 0).replace(/^\s*(?:,|and|&|\+)?\s*/, '');
    if (!found) break;
  }
  return parts;
}

function numberOf(n: RegExpExecArray): number | undefined {
  const [, whole, over, under, over2, under2, grouped, plain] = n;
  const fraction = (a: string, b: string) => (Number(b) === 0 ? undefined : Number(a) / Number(b));
  if (whole && over && under) {
    const f = fraction(over, under);
    return f === undefined || f >= 1 ? undefined : Number(whole) + f;
  }
  if (over2 && under2) return fraction(over2, under2);
  if (grouped) return Number(grouped.replaceAll(' ', '').replace(',', '.'));
  return Number((plain ?? '').replace(',', '.'));
}

function longestUnit(rest: string, system: SpoonSystem): { unit: Unit; length: number } | undefined {
  const words = WORD.exec(rest)?.[0] ?? '';
  for (let length = words.length; length > 0; length--) {
    if (length < words.length && /[a-z]/.test(rest[length] ?? '') && /[a-z]/.test(rest[length - 1] ?? ''))
      continue;
    const unit = unitFor(rest.slice(0, length), system);
    if (unit) return { unit, length };
  }
  return undefined;
}

function sum(
  parts: Part[],
  options: ReadOptions,
  bad: (code: string, more?: Record<string, string | number>) => Outcome<Reading>
): Outcome<Reading> {
  const first = parts[0];
  if (!first) return bad('not-understood', { rest: '' });
  const fallback = options.unit ? unitFor(options.unit, options.system ?? 'metric') : undefined;
  const head = first.unit ?? fallback;
  if (!head) return bad('unit-missing', { number: first.number });
  let value = 0;
  let last: Unit | undefined;
  for (const part of parts) {
    const unit = part.unit ?? (last === UNITS.lb ? UNITS.oz : last ? undefined : head);
    if (!unit) return bad('number-without-unit', { number: part.number, unit: last?.id ?? '' });
    if (unit.kind !== options.kind) return bad('wrong-kind', { unit: unit.id, isKind: unit.kind });
    if (last && (unit.family !== last.family || unit.factor >= last.factor))
      return bad('units-disagree', { unit: unit.id, before: last.id });
    if (last && part.number * unit.factor >= last.factor)
      return bad('part-too-large', { number: part.number, unit: unit.id, before: last.id });
    value += part.number * unit.factor;
    last = unit;
  }
  return done({ value, unit: head.id, kind: options.kind });
}
