import { scaleBand } from 'd3-scale';
import { wall } from '$lib/core/calendar';
import { mondayAhead, WEEKS_BACK } from '$lib/core/season';
import { monthName, shortDay } from '$lib/words';

/** How far the picture looks, weeks ahead, null being all that is planned, and weeks back. */
export const LOOKS = [
  { value: 'season', name: 'The whole season', weeks: null, back: WEEKS_BACK },
  { value: 'months', name: 'Three months', weeks: 13, back: 4 },
  { value: 'weeks', name: 'Six weeks', weeks: 6, back: 2 }
] as const;

/** The weeks that all rows of the picture share, on a width of `WIDE`: some that have passed, this one, which is 0, those to come. */
export interface Weeks {
  /** From this one on. */
  readonly n: number;
  /** So many before it. */
  readonly back: number;
  /** Where a week begins; the one after the last is where they end. */
  readonly x: (week: number) => number;
  readonly step: number;
  /** Where a name begins that belongs to a week. */
  readonly marks: readonly { readonly week: number; readonly name: string }[];
}
export const WIDE = 460;
/** Where weeks are few, each says its Monday. */
const FEW = 8;

export function weeksOf({ n, back }: { n: number; back: number }, today: string): Weeks {
  const all = Array.from({ length: back + n }, (_, i) => i - back);
  const step = scaleBand(all, [0, WIDE]).step();
  const marks = all.flatMap((week) => {
    const monday = mondayAhead(today, week);
    if (all.length <= FEW) return [{ week, name: shortDay(wall(monday, 12)) }];
    return Number(monday.slice(8)) <= 7 ? [{ week, name: monthName(wall(monday, 12)) }] : [];
  });
  return { n, back, step, marks, x: (week) => (week + back) * step };
}

/** What of the weeks that have passed the picture shows: the newest, with the week that each is of. */
export const shownOf = <T>(past: readonly T[], { back }: Weeks): { week: number; of: T }[] =>
  past.slice(past.length - back).map((of, i) => ({ week: i - back, of }));

/** A column of a row: in a week, from one height to another, down from the row's top. */
export interface Column {
  readonly week: number;
  readonly top: number;
  readonly foot: number;
}

/** Columns as one path, so that a picture of many weeks is few things to draw; those of no height are left out. */
export const columns = (all: readonly Column[], weeks: Weeks): string =>
  all
    .filter((c) => c.foot - c.top > 0.2)
    .map(
      (c) =>
        `M${fine(weeks.x(c.week) + 1)},${fine(c.top)}h${fine(weeks.step - 2)}V${fine(c.foot)}h${fine(2 - weeks.step)}z`
    )
    .join('');
const fine = (n: number): string => n.toFixed(1);
