import { UNITS, unitFor, type Kind, type SpoonSystem, type Unit } from '../quantity/index';
import { type At, isMark, isWord, skipAbout, skipOrSo } from './at';
import type { NumberToken, Token } from './token';
import { HEAPS, SYSTEMS } from './words';

/** An amount of something as it was said: "2 lb 3 oz", "about 4-5 kg", "2 level tbsp plus 1 tsp". */
export interface Amount {
  readonly kind: Kind;
  /** g, ml or mm; of a range its middle. */
  readonly value: number;
  /** How widely it was said, as a geometric sd; 1 is exact. */
  readonly gsd: number;
  /** The unit of the first part. */
  readonly unit: Unit;
  /** How many of that unit the first part says; kept where a spoon stays a spoon. */
  readonly number: number;
  readonly parts: number;
  /** "1.250 g": two values it may have. */
  readonly unclear?: readonly [number, number];
  /** Thousands parted by a space, which could be a count and a weight. */
  readonly spaced?: true;
}

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

/** "About 2 kg": nine times in ten within a tenth. Common practice, no source. */
const ABOUT_GSD = 1.1 ** (1 / NINE_IN_TEN);

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

interface Part {
  readonly number: NumberToken | undefined;
  readonly said: UnitSaid;
}

/** One number with its unit; an article or nothing at all counts as one where `bare` allows it. */
function partAt(all: readonly Token[], at: number, system: SpoonSystem, bare: boolean): At<Part> | undefined {
  const n = all[at]?.kind === 'number' ? all[at] : undefined;
  let next = n || isWord(all[at], 'a', 'an', 'one') ? at + 1 : at;
  if (n && isWord(all[next], 'of')) return undefined;
  if (!n && next === at && !bare) return undefined;
  if (!n && isWord(all[next], 'good', 'whole')) next += 1;
  const unit = unitAt(all, next, system);
  return unit && { value: { number: n, said: unit.value }, end: unit.end };
}

const middle = (n: NumberToken | undefined): number =>
  n === undefined ? 1 : n.high === undefined ? n.value : (n.value + n.high) / 2;
const widthOf = (n: NumberToken | undefined): number =>
  n?.high === undefined || n.value <= 0
    ? n?.loose
      ? 1.1
      : 1
    : (n.high / n.value) ** (1 / (2 * NINE_IN_TEN));

/**
 * "1,250": thousands or a decimal. Nobody writes a thousandth of a gram or a millilitre, and a kitchen holds no 1250 kg:
 * what is left of the two is meant; where both are left, both.
 */
function settled(n: NumberToken, unit: Unit): readonly number[] {
  if (n.other === undefined) return [middle(n)];
  const comma = n.said.includes(',');
  const small = unit.factor === 1 && unit.kind !== 'length';
  if (small && comma) return [n.other];
  if (unit.factor >= 1000 || (!comma && !small)) return [n.value];
  return [n.value, n.other];
}

/**
 * An amount from there on, with all its parts; undefined where none begins. Parts side by side go from large to small
 * within one family of units ("2 lb 3 oz"); "plus" and "and" add whatever is of one kind and country.
 */
export function amountAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  bare = false
): (At<Amount> & { readonly flaw?: Flaw }) | undefined {
  const about = skipAbout(all, at);
  const times = timesAt(all, about.end);
  const first = partAt(all, times.end, system, bare);
  if (!first) return undefined;
  const { unit } = first.value.said;
  let { end } = first;
  let sum = valueOf(first.value);
  let parts = 1;
  let last = unit;
  let flaw: Flaw | undefined;
  for (;;) {
    const joined = isWord(all[end], 'and', 'plus') || isMark(all[end], '&', '+');
    const half = joined ? partBehind(all, end + 1) : undefined;
    if (half && unitAt(all, half.end, system) === undefined) {
      sum += half.value * last.factor;
      end = half.end;
      continue;
    }
    const comma = isMark(all[end], ',') && all[end + 1]?.kind === 'number';
    const next = partAt(all, joined || comma ? end + 1 : end, system, false);
    const ounces = !joined && last === UNITS.lb && parts === 1 ? bareOunces(all, end) : undefined;
    if (ounces) {
      sum += ounces.value * UNITS.oz.factor;
      end = ounces.end;
      break;
    }
    if (!next) break;
    const small = next.value.said.unit;
    const value = valueOf(next.value);
    // "Per cup 1 tsp" and "a quart, 3 tbsp" are two things; "3 pounds, 4 ounces" is one.
    if (!joined && (!next.value.number || !first.value.number || (comma && SPOONS.test(small.id)))) break;
    if (small.kind !== unit.kind) break;
    if (small.family !== unit.family) {
      if (!joined) flaw ??= { code: 'units-disagree', unit: small.id, before: last.id };
      break;
    }
    if (!joined && small.factor >= last.factor) {
      flaw ??= { code: 'units-disagree', unit: small.id, before: last.id };
      break;
    }
    if (!joined && value >= last.factor)
      flaw ??= { code: 'part-too-large', number: middle(next.value.number), unit: small.id, before: last.id };
    sum += value;
    parts += 1;
    last = small;
    end = next.end;
  }
  const range = parts === 1 ? rangeTo(all, end, first.value, system) : undefined;
  if (range) [sum, end] = [(sum + range.high) / 2, range.end];
  const soSo = skipOrSo(all, end);
  const low = range ? valueOf(first.value) : 0;
  const gsd = Math.exp(
    Math.hypot(
      Math.log(range ? (range.high / low) ** (1 / (2 * NINE_IN_TEN)) : widthOf(first.value.number)),
      Math.log(first.value.said.heapGsd),
      about.value || soSo.value ? Math.log(ABOUT_GSD) : 0
    )
  );
  const n = first.value.number;
  const both = n ? settled(n, unit) : [1];
  const extra = sum - valueOf(first.value);
  return {
    value: {
      kind: unit.kind,
      value: sum * times.value,
      gsd,
      unit,
      number: n ? (both[0] ?? 0) * times.value : times.value,
      parts,
      ...(both.length > 1
        ? { unclear: [both[0]! * unit.factor + extra, both[1]! * unit.factor + extra] as const }
        : {}),
      ...(n?.spaced ? { spaced: true as const } : {})
    },
    end: soSo.end,
    ...(flaw ? { flaw } : {})
  };
}

const valueOf = (p: Part): number =>
  (p.number ? settled(p.number, p.said.unit)[0]! : 1) * p.said.unit.factor * p.said.heap;

/** "2 x 500 g". */
function timesAt(all: readonly Token[], at: number): At<number> {
  const n = all[at];
  const by = isWord(all[at + 1], 'x') || isMark(all[at + 1], '×', '*');
  return n?.kind === 'number' && by && n.high === undefined
    ? { value: n.value, end: at + 2 }
    : { value: 1, end: at };
}

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

/** "4 lb to 5 lb": the same unit again, at most four times as much. */
function rangeTo(
  all: readonly Token[],
  at: number,
  first: Part,
  system: SpoonSystem
): { high: number; end: number } | undefined {
  if (!isWord(all[at], 'to', 'or') && !isMark(all[at], '-')) return undefined;
  const next = partAt(all, at + 1, system, false);
  if (!next?.value.number || next.value.said.unit !== first.said.unit) return undefined;
  const [low, high] = [valueOf(first), valueOf(next.value)];
  return high > low && high <= low * 4 ? { high, end: next.end } : undefined;
}
