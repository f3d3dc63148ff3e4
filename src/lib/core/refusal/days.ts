import { isDay, type Day } from '../calendar/index';
import type { FieldName } from './fields';
import { refuse, type Refused } from './refuse';

/** Nothing that is eaten by now was begun before: a longer past is a slip, and would slow every page that reckons from it. */
const YEARS_BACK = 10;

/**
 * Why a day cannot be when something was picked or begun; null where it can.
 * Example: `strangeDay('2026-12-24', '2026-09-12', 'day')` refuses `day-ahead`.
 */
export function strangeDay(day: string, today: Day, field: FieldName): Refused | null {
  if (!isDay(day)) return refuse('day-strange', { field });
  if (day > today) return refuse('day-ahead', { field });
  const earliest = `${Number(today.slice(0, 4)) - YEARS_BACK}${today.slice(4)}`;
  return day < earliest ? refuse('day-long-ago', { field, values: { years: YEARS_BACK } }) : null;
}
