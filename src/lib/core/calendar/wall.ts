import { dayNumber, dayOf, type Day } from './days';

/**
 * A time on the household's own clock as one number: minutes of wall time since 1970-01-01 0:00 there.
 * "Seven days later at the same hour" is plain addition; the zone is applied at the edge.
 */
export type WallMinute = number;

export const MINUTES_PER_DAY = 1440;

/** Example: `wall('1970-01-02', 8, 10)` is `1930`. */
export function wall(day: Day, hour = 0, minute = 0): WallMinute {
  return dayNumber(day) * MINUTES_PER_DAY + hour * 60 + minute;
}

/** Example: `dayOfWall(1930)` is `'1970-01-02'`. */
export function dayOfWall(at: WallMinute): Day {
  return dayOf(Math.floor(at / MINUTES_PER_DAY));
}

/** Minutes past midnight. Example: `minuteOfDay(1930)` is `490`. */
export function minuteOfDay(at: WallMinute): number {
  return at - Math.floor(at / MINUTES_PER_DAY) * MINUTES_PER_DAY;
}

/** As `YYYY-MM-DDTHH:mm`. Example: `wallText(1930)` is `'1970-01-02T08:10'`. */
export function wallText(at: WallMinute): string {
  const m = minuteOfDay(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${dayOfWall(at)}T${two(Math.floor(m / 60))}:${two(Math.floor(m % 60))}`;
}

/** The other way round. Example: `wallOfText('2026-09-12T08:10')` is that minute. */
export const wallOfText = (text: string): WallMinute =>
  wall(text.slice(0, 10), Number(text.slice(11, 13)), Number(text.slice(14, 16)));
