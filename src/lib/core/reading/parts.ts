import { UNITS, unitFor, type SpoonSystem, type Unit } from '../quantity/index';
import { type At, isMark, isWord } from './at';
import type { NumberToken, Token } from './token';
import { HEAPS, SYSTEMS } from './words';

/** "Adds up" means joined by a word; side by side a smaller part follows a larger one. */
export type Flaw =
  | { readonly code: 'units-disagree'; readonly unit: string; readonly before: string }
  | {
      readonly code: 'part-too-large';
      readonly number: number;
      readonly unit: string;
      readonly before: string;
    };

/** Nine times in ten within the range that was said. */
export const NINE_IN_TEN = 1.645;

const SPOONS = /tsp|tbsp|spoon|cup/;

export interface UnitSaid {
  readonly unit: Unit;
  readonly heap: number;
  readonly heapGsd: number;
}

/** A unit with what may stand before it: "level", "heaped", "US", "imperial". */
export function unitAt(all: readonly Token[], at: number, system: SpoonSystem): At<UnitSaid> | undefined {
  let heap = 1;
  let gsd = 1;
  let whose = system;
  for (let end = at; end < at + 4; end++) {
    const t = all[end];
    if (isMark(t, '"', "'", '#'))
      return { value: { unit: unitFor(t!.said, whose)!, heap, heapGsd: gsd }, end: end + 1 };
    if (t?.kind !== 'word') return undefined;
    const two = all[end + 1]?.kind === 'word' ? unitFor(`${t.said} ${all[end + 1]!.said}`, whose) : undefined;
    const unit = two ?? unitFor(t.said, whose);
    if (unit) return { value: { unit, heap, heapGsd: gsd }, end: end + (two ? 2 : 1) };
    const full = Object.hasOwn(HEAPS, t.word) ? HEAPS[t.word] : undefined;
    const land = Object.hasOwn(SYSTEMS, t.word) ? SYSTEMS[t.word] : undefined;
    if (full) [heap, gsd] = [heap * full[0], Math.exp(Math.hypot(Math.log(gsd), Math.log(full[1])))];
    else if (land) whose = land;
    else return undefined;
  }
  return undefined;
}

export interface Part {
  readonly number: NumberToken | undefined;
  readonly said: UnitSaid;
}

/** One number with its unit; an article or nothing at all counts as one where `bare` allows it. */
export function partAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  bare: boolean
): At<Part> | undefined {
  const n = all[at]?.kind === 'number' ? all[at] : undefined;
  let next = n || isWord(all[at], 'a', 'an', 'one') ? at + 1 : at;
  if (n && isWord(all[next], 'of')) return undefined;
  if (!n && next === at && !bare) return undefined;
  if (!n && isWord(all[next], 'good', 'whole')) next += 1;
  const unit = unitAt(all, next, system);
  return unit && { value: { number: n, said: unit.value }, end: unit.end };
}

export const middle = (n: NumberToken | undefined): number =>
  n === undefined ? 1 : n.high === undefined ? n.value : (n.value + n.high) / 2;
export const widthOf = (n: NumberToken | undefined): number =>
  n?.high === undefined || n.value <= 0
    ? n?.loose
      ? 1.1
      : 1
    : (n.high / n.value) ** (1 / (2 * NINE_IN_TEN));

/**
 * "1,250": thousands or a decimal. Nobody writes a thousandth of a gram or a millilitre, and a kitchen holds no 1250 kg:
 * what is left of the two is meant; where both are left, both.
 */
export function settled(n: NumberToken, unit: Unit): readonly number[] {
  if (n.other === undefined) return [middle(n)];
  const comma = n.said.includes(',');
  const small = unit.factor === 1 && unit.kind !== 'length';
  if (small && comma) return [n.other];
  if (unit.factor >= 1000 || (!comma && !small)) return [n.value];
  return [n.value, n.other];
}

export const valueOf = (p: Part): number =>
  (p.number ? settled(p.number, p.said.unit)[0]! : 1) * p.said.unit.factor * p.said.heap;

/** "a half", "a quarter", behind "a pound and". */
function partBehind(all: readonly Token[], at: number): At<number> | undefined {
  const t = all[at];
  return t?.kind === 'number' && t.value < 1 && /[a-z]/i.test(t.said)
    ? { value: t.value, end: at + 1 }
    : undefined;
}

/** "2lb3": the bare number behind pounds is ounces, where nothing follows it. */
function bareOunces(all: readonly Token[], at: number): At<number> | undefined {
  const n = all[at];
  const after = all[at + 1];
  const alone = after === undefined || isMark(after, '.', ',', ')');
  return n?.kind === 'number' && n.value < 16 && alone ? { value: n.value, end: at + 1 } : undefined;
}

/** Parts added up so far. */
export interface Sum {
  readonly value: number;
  readonly end: number;
  readonly parts: number;
  /** The unit of the last part. */
  readonly last: Unit;
  readonly flaw?: Flaw;
}

/** All parts of an amount that begins so: "2 lb 3 oz", "a pound and a half", "1 cup plus 2 tbsp". */
export function sumFrom(all: readonly Token[], first: At<Part>, system: SpoonSystem): Sum {
  let sum: Sum = { value: valueOf(first.value), end: first.end, parts: 1, last: first.value.said.unit };
  for (;;) {
    const more = morePart(all, sum, first.value, system);
    if (more === undefined) return sum;
    sum = more.sum;
    if (more.ends) return sum;
  }
}

/** The sum with the part behind it, and whether it ends with it; undefined where none belongs to it. */
function morePart(
  all: readonly Token[],
  sum: Sum,
  first: Part,
  system: SpoonSystem
): { readonly sum: Sum; readonly ends: boolean } | undefined {
  const { end, last } = sum;
  const joined = isWord(all[end], 'and', 'plus') || isMark(all[end], '&', '+');
  const half = joined ? partBehind(all, end + 1) : undefined;
  if (half && unitAt(all, half.end, system) === undefined)
    return { sum: { ...sum, value: sum.value + half.value * last.factor, end: half.end }, ends: false };
  const ounces = !joined && last === UNITS.lb && sum.parts === 1 ? bareOunces(all, end) : undefined;
  if (ounces)
    return {
      sum: { ...sum, value: sum.value + ounces.value * UNITS.oz.factor, end: ounces.end },
      ends: true
    };
  const comma = isMark(all[end], ',') && all[end + 1]?.kind === 'number';
  const next = partAt(all, joined || comma ? end + 1 : end, system, false);
  if (!next) return undefined;
  const small = next.value.said.unit;
  // "Per cup 1 tsp" and "a quart, 3 tbsp" are two things; "3 pounds, 4 ounces" is one.
  if (!joined && (!next.value.number || !first.number || (comma && SPOONS.test(small.id)))) return undefined;
  if (small.kind !== first.said.unit.kind) return undefined;
  const flaw = joined ? undefined : flawOf(next.value, last, first.said.unit);
  const before = sum.flaw ?? flaw;
  const said = before ? { flaw: before } : {};
  if (small.family !== first.said.unit.family || flaw?.code === 'units-disagree')
    return { sum: { ...sum, ...said }, ends: true };
  const value = sum.value + valueOf(next.value);
  return { sum: { value, end: next.end, parts: sum.parts + 1, last: small, ...said }, ends: false };
}

/** What is wrong with a part that merely stands behind another: another country's unit, no smaller, or too many of it. */
function flawOf(part: Part, last: Unit, first: Unit): Flaw | undefined {
  const { unit } = part.said;
  if (unit.family !== first.family || unit.factor >= last.factor)
    return { code: 'units-disagree', unit: unit.id, before: last.id };
  return valueOf(part) >= last.factor
    ? { code: 'part-too-large', number: middle(part.number), unit: unit.id, before: last.id }
    : undefined;
}
