import type { WallMinute } from '../core/calendar';

/**
 * A writer of one part of a date. Wall minutes are written as if they were UTC: the zone was applied where the instant
 * came in. Each is made once: making one takes far longer than writing with it.
 */
export const dateWriter = (part: Intl.DateTimeFormatOptions) => {
  const format = new Intl.DateTimeFormat('en-US', { timeZone: 'UTC', ...part });
  return (at: WallMinute): string => format.format(at * 60_000);
};
const dayOfMonth = dateWriter({ day: 'numeric' });
const year = dateWriter({ year: 'numeric' });
/** Example: `Sep`. */
export const monthName = dateWriter({ month: 'short' });
/** Example: `12 Sep`. */
export const shortDay = (at: WallMinute): string => `${dayOfMonth(at)} ${monthName(at)}`;
/** Example: `12 Sep 2027`, for what lies far off. */
export const dayAndYear = (at: WallMinute): string => `${shortDay(at)} ${year(at)}`;
