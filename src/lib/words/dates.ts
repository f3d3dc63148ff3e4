import { utcFormat } from 'd3-time-format';
import type { WallMinute } from '../core/calendar';

/**
 * A writer of one part of a date, by its directive. Wall minutes are written as if they were UTC: the zone was applied where
 * the instant came in.
 */
export const dateWriter = (directive: string) => {
  const format = utcFormat(directive);
  return (at: WallMinute): string => format(new Date(at * 60_000));
};
const dayOfMonth = dateWriter('%-d');
const year = dateWriter('%Y');
/** Example: `Sep`. */
export const monthName = dateWriter('%b');
/** Example: `12 Sep`. */
export const shortDay = (at: WallMinute): string => `${dayOfMonth(at)} ${monthName(at)}`;
/** Example: `12 Sep 2027`, for what lies far off. */
export const dayAndYear = (at: WallMinute): string => `${shortDay(at)} ${year(at)}`;
