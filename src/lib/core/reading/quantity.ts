import { celsius, unitFor, type Kind, type SpoonSystem, type WrittenUnits } from '../quantity/index';
import { done, refuse, type Outcome, type RefusalCode } from '../refusal/index';
import { amountAt, type Amount } from './amount';
import { isMark, isWord, skipAbout, skipOrSo, wordOf } from './at';
import { tokens } from './tokens';
import type { NumberToken, Token } from './token';
import { FILLERS, TAILS } from './words';

export interface Reading {
  /** g, ml or mm. */
  readonly value: number;
  /** One standard deviation of how widely it was said ("about 2 kg", "4-5 lb"); 0 where it was exact. */
  readonly sd: number;
  /** The unit of the largest part, as said: remembered for the next weighing. */
  readonly unit: string;
  readonly kind: Kind;
}

export interface ReadOptions {
  readonly kind: Kind;
  /** Whose spoons, cups and pints: the household's. */
  readonly system: SpoonSystem;
  /** Unit taken when only a number is said ("842"); without it, a bare number is refused. */
  readonly unit?: string;
}

const examples: Record<Kind, string> = {
  mass: '1 195 g, 3.4 kg, 2 lb 3 oz',
  volume: '350 ml, 1.5 l, 3/4 cup',
  length: '25 mm, 2.5 cm, 1 in'
};

/** Two amounts for one thing may differ by so much: the rounding of a label. */
const SAME = 1.03;

type Bad = (code: RefusalCode, more?: Record<string, string | number>) => ReturnType<typeof refuse>;

/**
 * Reads a mass, volume or length as people type or dictate it: "2 lb 3 oz", "2lb3", "1 ½ kg", "1,5 l", "3/4 cup",
 * "1 195 g", "two pounds three ounces", "about 2 kg", "4–5 lb", "2 lb (907 g)".
 * Answers g, ml or mm with how widely it was said. Every word is used or named: refuses, with the reason, what could mean
 * two things ("1.250 g"), what it does not know, what is of another kind, and what has no unit unless `options.unit`
 * names one. Factors: `units.ts` (exact by definition).
 * Example: `readQuantity('2 lb 3 oz', { kind: 'mass', system: 'US' })` answers 992.23331… g.
 */
export function readQuantity(text: string, options: ReadOptions): Outcome<Reading> {
  const said = text.trim().slice(0, 60);
  const bad: Bad = (code, more = {}) =>
    refuse(code, { values: { said, examples: examples[options.kind], kind: options.kind, ...more } });
  if (said === '') return bad('nothing-said');
  if (text.trim().length > 60) return bad('too-long');
  const all = trimmed(tokens(said));
  if (isMark(all[0], '-')) return bad('negative');
  const bare = bareNumber(all);
  if (bare) {
    const unit = options.unit ? unitFor(options.unit, options.system) : undefined;
    if (!unit) return bad('unit-missing', { number: bare.value.said });
    return readQuantity(
      `${bare.value.said.includes('/') || !bare.about ? '' : 'about '}${bare.value.said} ${options.unit}`,
      options
    );
  }
  const found = amountAt(all, 0, options.system);
  if (!found) return bad('not-understood', { rest: textOf(all) });
  const { value } = found;
  const fluid = all.slice(found.end).some((t) => isWord(t, 'fluid', 'fl'));
  if (fluid && options.kind === 'mass') return bad('ounce-unclear');
  if (value.kind !== options.kind) return bad('wrong-kind', { unit: value.unit.id, isKind: value.kind });
  if (found.flaw) return bad(found.flaw.code, { ...found.flaw });
  return whole(all, found.end, value, options, bad);
}

/** What stands behind the amount: nothing, polite words, or the same amount once more in brackets. */
function whole(
  all: readonly Token[],
  at: number,
  value: Amount,
  options: ReadOptions,
  bad: Bad
): Outcome<Reading> {
  let end = at;
  let best = value;
  if (isMark(all[end], '(', '=')) {
    const again = amountAt(all, end + 1, options.system);
    if (!again || again.value.kind !== value.kind)
      return bad('not-understood', { rest: textOf(all.slice(end)) });
    const apart = Math.max(again.value.value, value.value) / Math.min(again.value.value, value.value);
    if (!(apart <= Math.max(SAME, value.gsd ** 2, again.value.gsd ** 2)))
      return bad('amounts-disagree', {
        one: textOf(all.slice(0, end)),
        other: textOf(all.slice(end + 1, again.end))
      });
    if (again.value.gsd < value.gsd) best = again.value;
    end = isMark(all[again.end], ')') ? again.end + 1 : again.end;
  }
  const rest = all.slice(end);
  const left = rest[0];
  if (left?.kind === 'number') return bad('number-without-unit', { number: left.said, unit: value.unit.id });
  if (rest.length > 0) return bad('not-understood', { rest: textOf(rest) });
  if (best.unclear) {
    const [one, other] = best.unclear.map((v) => `${v / best.unit.factor} ${best.unit.id}`);
    return bad('comma-unclear', { one: one ?? '', other: other ?? '' });
  }
  return done({
    value: best.value,
    sd: best.value * Math.log(best.gsd),
    unit: value.unit.id,
    kind: value.kind
  });
}

/** "842" and "about 842": only a number. */
function bareNumber(all: readonly Token[]): { value: NumberToken; about: boolean } | undefined {
  const about = skipAbout(all, 0);
  const n = all[about.end];
  const soSo = skipOrSo(all, about.end + 1);
  return n?.kind === 'number' && soSo.end === all.length
    ? { value: n, about: about.value || soSo.value }
    : undefined;
}

/** A text as it was cut, for naming what was not understood. */
export const textOf = (all: readonly Token[]): string => all.map((t) => t.said).join(' ');

const punctuation = (t: Token | undefined): boolean => isMark(t, '.', ',', ';', '!', '?', ':');

/** Without polite words and full stops at either end. */
function trimmed(all: readonly Token[]): Token[] {
  let from = 0;
  let to = all.length;
  while (FILLERS.has(wordOf(all[from])) && !isWord(all[from], 'a', 'an')) from += 1;
  while (to > from && (punctuation(all[to - 1]) || TAILS.has(wordOf(all[to - 1])))) to -= 1;
  return all.slice(from, to);
}

/**
 * A temperature as typed, °C: "21", "21 °C", "70 F", "about 70 degrees Fahrenheit"; a bare number is in the household's own
 * degrees. Refuses what is no temperature.
 * Example: `readTemperature('70 F', 'metric')` answers 21.11…
 */
export function readTemperature(text: string, units: WrittenUnits): Outcome<number> {
  const said = text.trim().slice(0, 60);
  const all = tokens(said).filter(
    (t) => !isMark(t, '°', '.') && !isWord(t, 'degree', 'degrees', 'deg', 'about', 'a')
  );
  const below = isMark(all[0], '-') || isWord(all[0], 'minus');
  const rest = below ? all.slice(1) : all;
  const [n, scale, ...more] = rest;
  const bad = () => refuse('temp-not-understood', { values: { said } });
  if (said === '') return refuse('nothing-said', { values: { said, examples: '21 °C, 70 °F' } });
  if (n?.kind !== 'number' || more.length > 0) return bad();
  const f = scale ? isWord(scale, 'f', 'fahrenheit') : units === 'US';
  if (scale && !f && !isWord(scale, 'c', 'celsius', 'centigrade')) return bad();
  const value = (below ? -1 : 1) * (n.high === undefined ? n.value : (n.value + n.high) / 2);
  return done(f ? celsius(value) : value);
}
