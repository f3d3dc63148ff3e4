import type { Kind, SpoonSystem, Unit } from '../quantity/index';
import { type At, isMark, isWord, skipAbout, skipOrSo } from './at';
import { NINE_IN_TEN, partAt, settled, sumFrom, valueOf, widthOf, type Flaw, type Part } from './parts';
import type { Token } from './token';

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

/** "About 2 kg": nine times in ten within a tenth. Common practice, no source. */
const ABOUT_GSD = 1.1 ** (1 / NINE_IN_TEN);

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
  const summed = sumFrom(all, first, system);
  const range = summed.parts === 1 ? rangeTo(all, summed.end, first.value, system) : undefined;
  const low = valueOf(first.value);
  const sum = range ? (summed.value + range.high) / 2 : summed.value;
  const soSo = skipOrSo(all, range?.end ?? summed.end);
  const n = first.value.number;
  const both = n ? settled(n, unit) : [1];
  const unclear = both.length > 1 ? ([0, 1] as const).map((i) => both[i]! * unit.factor + sum - low) : null;
  return {
    value: {
      ...{ kind: unit.kind, value: sum * times.value, unit, parts: summed.parts },
      gsd: widthOfAll(first.value, range ? range.high / low : null, about.value || soSo.value),
      number: n ? (both[0] ?? 0) * times.value : times.value,
      ...(unclear ? { unclear: [unclear[0]!, unclear[1]!] as const } : {}),
      ...(n?.spaced ? { spaced: true as const } : {})
    },
    end: soSo.end,
    ...(summed.flaw ? { flaw: summed.flaw } : {})
  };
}

/** How widely it is said: by its range or its number, by a heap, by "about"; a geometric sd. */
const widthOfAll = ({ number, said }: Part, range: number | null, about: boolean): number =>
  Math.exp(
    Math.hypot(
      Math.log(range === null ? widthOf(number) : range ** (1 / (2 * NINE_IN_TEN))),
      Math.log(said.heapGsd),
      about ? Math.log(ABOUT_GSD) : 0
    )
  );

/** "2 x 500 g". */
function timesAt(all: readonly Token[], at: number): At<number> {
  const n = all[at];
  const by = isWord(all[at + 1], 'x') || isMark(all[at + 1], '×', '*');
  return n?.kind === 'number' && by && n.high === undefined
    ? { value: n.value, end: at + 2 }
    : { value: 1, end: at };
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
