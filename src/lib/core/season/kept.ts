import { addDays, type Day } from '../calendar/index';
import { weekOf } from '../sowing/index';
import type { SeasonInput } from './types';
import { isAt, type KeptStart, type SeasonSaid, type StartAt } from './said';

/** What came of a start that was planned: begun in its week, a week off, or not. */
export type CameOf = 'begun' | 'earlier' | 'later' | 'not';

/** What came of a start, by the weeks in which its kind was begun. */
export function cameOf({ styleId, monday }: StartAt, begun: readonly StartAt[]): CameOf {
  const at = (day: Day) => begun.some(isAt({ styleId, monday: day }));
  if (at(monday)) return 'begun';
  if (at(addDays(monday, 7))) return 'later';
  return at(addDays(monday, -7)) ? 'earlier' : 'not';
}

/** What of a kept plan is still to be begun within so many weeks, this one among them. */
export const startsToCome = (
  { kept }: Pick<SeasonSaid, 'kept'>,
  today: Day,
  begun: readonly StartAt[],
  weeks: number
): KeptStart[] =>
  kept.filter((s) => {
    const ahead = weekOf(s.monday) - weekOf(today);
    return ahead >= 0 && ahead < weeks && !begun.some(isAt(s));
  });

/** What a plan made today holds to and may not begin, in weeks from now, and what is to come of the plan that was kept. */
export function boundBy(
  said: SeasonSaid,
  today: Day,
  begun: readonly StartAt[]
): Pick<SeasonInput, 'held' | 'barred' | 'earlier'> {
  const { held, barred } = said;
  const now = weekOf(today);
  const inWeeks = (all: readonly StartAt[]) =>
    all
      .map(({ styleId, monday }) => ({ styleId, week: weekOf(monday) - now }))
      .filter((s, i, list) => {
        const first = list.findIndex((o) => o.styleId === s.styleId && o.week === s.week);
        return s.week >= 0 && first === i;
      });
  const open = (s: StartAt) => !barred.some(isAt(s)) && !begun.some(isAt(s));
  const earlier = startsToCome(said, today, begun, Infinity);
  return {
    held: inWeeks(held.filter(open)),
    barred: inWeeks(barred),
    earlier: inWeeks(earlier.filter(open))
  };
}
