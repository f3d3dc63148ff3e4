import { addDays, type Day } from '../calendar/index';
import type { Household } from '../kit/index';

/** Who sits at the table: as many as usual, nobody on days away, as many as were said on a feast or with guests. */
export type Table = Pick<Household, 'people' | 'away' | 'feasts'> &
  Partial<Pick<Household, 'dishes' | 'plannedDishes'>>;

/** How many eat on a day. A feast that was planned for it counts more than days away. Example: two at home, twelve on a feast. */
export function eatersOn({ people, away, feasts }: Table, day: Day): number {
  const on = (d: { readonly from: Day; readonly to: Day }) => d.from <= day && day <= d.to;
  const feast = feasts.filter(on);
  if (feast.length > 0) return Math.max(...feast.map((f) => f.people));
  return away.some(on) ? 0 : people;
}

/** So many eat on each day, from one on. */
export const eatersFrom = (table: Table, from: Day, days: number): number[] =>
  Array.from({ length: days }, (_, i) => eatersOn(table, addDays(from, i)));
