import { scaleBand } from 'd3-scale';
import { wall } from '$lib/core/calendar';
import { mondayAhead } from '$lib/core/season';
import { monthName, shortDay } from '$lib/words';

/** How far the picture looks, weeks; null: all that is planned. */
export const LOOKS = [
  { value: 'season', name: 'The whole season', weeks: null },
  { value: 'months', name: 'Three months', weeks: 13 },
  { value: 'weeks', name: 'Six weeks', weeks: 6 }
] as const;

/** The weeks that all rows of the picture share, on a width of `WIDE`. */
export interface Weeks {
  readonly n: number;
  /** Where a week begins; the one after the last is where they end. */
  readonly x: (week: number) => number;
  readonly step: number;
  /** Where a name begins that belongs to a week. */
  readonly marks: readonly { readonly week: number; readonly name: string }[];
}
export const WIDE = 460;
/** Where weeks are few, each says its Monday. */
const FEW = 8;

export function weeksOf(n: number, today: string): Weeks {
  const band = scaleBand(
    Array.from({ length: n }, (_, t) => t),
    [0, WIDE]
  );
  const step = band.step();
  const marks = Array.from({ length: n }, (_, week) => ({ week, monday: mondayAhead(today, week) })).flatMap(
    ({ week, monday }) => {
      if (n <= FEW) return [{ week, name: shortDay(wall(monday, 12)) }];
      return Number(monday.slice(8)) <= 7 ? [{ week, name: monthName(wall(monday, 12)) }] : [];
    }
  );
  return { n, step, marks, x: (week) => week * step };
}
