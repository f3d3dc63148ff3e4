import { dayAndYear, dayOfMonth, longMonth, shortDay, weekdayName } from '$lib/words';
import { dayOfWall, daysBetween, minuteOfDay, type WallMinute } from '$lib/core/calendar';

/** Example: `Sat 12 September`. */
export const longDay = (at: WallMinute): string => `${weekdayName(at)} ${dayOfMonth(at)} ${longMonth(at)}`;

/** Example: `8:10`. */
export function clockTime(at: WallMinute): string {
  const m = Math.floor(minuteOfDay(at));
  return `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;
}

/** `today`, `yesterday`, `tomorrow`, a weekday within six days, else the date. */
export function relativeDay(at: WallMinute, now: WallMinute): string {
  const days = daysBetween(dayOfWall(now), dayOfWall(at));
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  if (Math.abs(days) <= 6) return weekdayName(at);
  return Math.abs(days) > 300 ? dayAndYear(at) : shortDay(at);
}

/** The same with the hour. Example: `today, 20:00`. */
export const relativeTime = (at: WallMinute, now: WallMinute): string =>
  `${relativeDay(at, now)}, ${clockTime(at)}`;

/** Example: `in 3 days`, `2 days ago`. */
export function inDays(days: number): string {
  const n = Math.abs(days);
  const text = `${n} day${n === 1 ? '' : 's'}`;
  return days === 0 ? 'today' : days > 0 ? `in ${text}` : `${text} ago`;
}
