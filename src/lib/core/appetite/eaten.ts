import { atTable, type Batch } from '../batch/index';
import { dayNumber, dayOf, dayOfWall, type Day, type WallMinute } from '../calendar/index';
import { coldSince } from '../care/index';
import { solidsOf } from '../contents/index';
import type { Place } from '../kit/index';
import { styleLike } from '../style/index';
import { eatersOn, type Table } from './table';

/** What one batch teaches of how much is eaten: the days on which there was some of it, and what was taken, g of vegetables. */
export interface TaughtByEating {
  readonly style: string;
  /** The first day on which there was some to eat. */
  readonly from: Day;
  /** The day of the last of it; null: some still stands. */
  readonly to: Day | null;
  readonly taken: readonly { readonly day: Day; readonly g: number }[];
}

/** What a batch teaches; null while it is not in the cold and nobody has eaten of it. What is given or thrown away, nobody ate. */
export function taughtByEating(b: Batch, places: readonly Place[]): TaughtByEating | null {
  const taken = b.portions
    .filter((p) => atTable(p.how))
    .map((p) => ({ at: p.at, day: dayOfWall(p.at), g: solidsOf(p.what) }));
  const there = [...b.fillings.map((f) => coldSince(f, places)), ...taken.map((p) => p.at)];
  const first = there.reduce<WallMinute | null>(
    (a, at) => (at === null || (a !== null && a <= at) ? a : at),
    null
  );
  if (first === null) return null;
  const emptied = b.fillings.map((f) => f.emptiedAt);
  const last = emptied.includes(null) ? null : Math.max(...emptied.map((at) => at ?? 0));
  return {
    style: styleLike(b.styleId),
    from: dayOfWall(first),
    to: last === null ? null : dayOfWall(last),
    taken: taken.map(({ day, g }) => ({ day, g }))
  };
}

/** So far back one looks: what a household ate before says little of it. */
const LOOKS_BACK_DAYS = 182;

/** What was eaten of a style of late, g, in how many weeks of one person for whom there was some, and how it was taken. */
export interface EatenOf {
  readonly g: number;
  readonly personWeeks: number;
  /** How much is taken at once, weighed by itself: the sum of squares over the sum, g; null: nothing was taken. */
  readonly biteG: number | null;
}

/**
 * Over all batches of a style. It counts from the first helping, which itself only begins it: what nobody has opened yet is
 * kept for later, and teaches nothing; nor do days on which none of it was there.
 */
export function eatenOf(taught: readonly TaughtByEating[], style: string, table: Table, today: Day): EatenOf {
  const now = dayNumber(today);
  const of = taught.filter((t) => t.style === style);
  const all = of.flatMap((t) => t.taken).sort((a, b) => dayNumber(a.day) - dayNumber(b.day));
  const [first, ...others] = all;
  if (!first) return { g: 0, personWeeks: 0, biteG: null };
  const since = Math.max(dayNumber(first.day), now - LOOKS_BACK_DAYS + 1);
  const spans = of.map((t) => [dayNumber(t.from), t.to === null ? now : dayNumber(t.to)] as const);
  let personDays = 0;
  for (let day = since; day <= now; day++)
    if (spans.some(([from, to]) => from <= day && day <= to)) personDays += eatersOn(table, dayOf(day));
  const taken = others.filter((p) => dayNumber(p.day) >= since);
  const g = taken.reduce((a, p) => a + p.g, 0);
  return {
    g,
    personWeeks: personDays / 7,
    biteG: g > 0 ? taken.reduce((a, p) => a + p.g * p.g, 0) / g : null
  };
}
