import { expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { dayAndYear, dayOfMonth, longMonth, monthName, shortDay, weekdayName } from '$lib/words';

// Held against the platform's own calendar, every day of eight years, leap days among them.
it('days are written as the platform’s own calendar writes them', () => {
  const as = (part: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat('en-US', { timeZone: 'UTC', ...part });
  const [day, long, month, week, year] = [
    as({ day: 'numeric' }),
    as({ month: 'long' }),
    as({ month: 'short' }),
    as({ weekday: 'short' }),
    as({ year: 'numeric' })
  ];
  for (let n = 0; n < 8 * 366; n++) {
    const at = wall('2023-12-20', 23, 59) + n * 1440;
    const ms = at * 60_000;
    expect(dayOfMonth(at)).toBe(day.format(ms));
    expect(longMonth(at)).toBe(long.format(ms));
    expect(monthName(at)).toBe(month.format(ms));
    expect(weekdayName(at)).toBe(week.format(ms));
    expect(shortDay(at)).toBe(`${day.format(ms)} ${month.format(ms)}`);
    expect(dayAndYear(at)).toBe(`${shortDay(at)} ${year.format(ms)}`);
  }
});
