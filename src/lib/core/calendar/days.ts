/** A day is text, `YYYY-MM-DD`; arithmetic goes by the UTC day number, so no zone and no summer time can bend it. */
export type Day = string;

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const MS_PER_DAY = 86_400_000;

/** Whether a text names a day that exists. Example: `isDay('2027-02-29')` is `false`. */
export function isDay(text: string): boolean {
  return DAY.test(text) && dayOf(dayNumber(text)) === text;
}

/** Days since 1970-01-01. Example: `dayNumber('1970-01-11')` is `10`. */
export function dayNumber(day: Day): number {
  const [, y, m, d] = DAY.exec(day) ?? [];
  return Date.UTC(Number(y), Number(m) - 1, Number(d)) / MS_PER_DAY;
}

/** The day with that number. Example: `dayOf(10)` is `'1970-01-11'`. */
export function dayOf(number: number): Day {
  const known = written.get(number);
  if (known !== undefined) return known;
  const date = new Date(number * MS_PER_DAY);
  const day = Number.isNaN(date.getTime()) ? '' : date.toISOString().slice(0, 10);
  if (written.size >= REMEMBERED) written.clear();
  written.set(number, day);
  return day;
}

/** The same few hundred days are written again and again. */
const written = new Map<number, Day>();
const REMEMBERED = 2000;

/** Example: `addDays('2028-02-20', 14)` is `'2028-03-05'`, a leap year. */
export function addDays(day: Day, days: number): Day {
  return dayOf(dayNumber(day) + days);
}

/** Whole days from one to the other; the start day is day 0. Example: `daysBetween('2026-10-08', '2026-11-03')` is `26`. */
export function daysBetween(from: Day, to: Day): number {
  return dayNumber(to) - dayNumber(from);
}

/** 0 Sunday … 6 Saturday. Example: `weekday('2026-09-12')` is `6`. */
export function weekday(day: Day): number {
  return (((dayNumber(day) + 4) % 7) + 7) % 7;
}

/** Mean month of the Gregorian calendar, days: 365.2425 / 12. Keeping times are said in months. */
export const DAYS_PER_MONTH = 30.436875;
