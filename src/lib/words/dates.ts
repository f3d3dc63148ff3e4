import { dayOfWall, weekday, type WallMinute } from '../core/calendar';

const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December']
] as const;
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;

const partOf = (at: WallMinute, from: number, to: number): number => Number(dayOfWall(at).slice(from, to));
/** Example: `12`. */
export const dayOfMonth = (at: WallMinute): string => String(partOf(at, 8, 10));
/** Example: `September`. */
export const longMonth = (at: WallMinute): string => MONTHS[partOf(at, 5, 7) - 1]!;
/** Example: `Sep`. */
export const monthName = (at: WallMinute): string => longMonth(at).slice(0, 3);
/** Example: `Sat`. */
export const weekdayName = (at: WallMinute): string => WEEKDAYS[weekday(dayOfWall(at))]!.slice(0, 3);
/** Example: `12 Sep`. */
export const shortDay = (at: WallMinute): string => `${dayOfMonth(at)} ${monthName(at)}`;
/** Example: `12 Sep 2027`, for what lies far off. */
export const dayAndYear = (at: WallMinute): string => `${shortDay(at)} ${partOf(at, 0, 4)}`;
