import { isDay, type Day } from '../../core/calendar';
import { refuse, type Outcome, type FieldName } from '../../core/refusal';

/** Nothing that is eaten by now was begun before: a longer past is a slip, and would slow every page that reckons from it. */
const YEARS_BACK = 10;

/** Why a day cannot be when something was picked or begun; null where it can. */
export function strangeDay(
  day: string,
  today: Day,
  field: FieldName
): (Outcome<never> & { ok: false }) | null {
  if (!isDay(day)) return refuse('day-strange', { field });
  if (day > today) return refuse('day-ahead', { field });
  const earliest = `${Number(today.slice(0, 4)) - YEARS_BACK}${today.slice(4)}`;
  return day < earliest ? refuse('day-long-ago', { field, values: { years: YEARS_BACK } }) : null;
}
