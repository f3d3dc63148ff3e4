import { describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import type { Place } from '$lib/core/kit';
import { warmthAhead } from '$lib/core/season';

const today = '2026-09-16';
const at = (day: string) => wall(day, 0);
const counter: Place = { id: 'counter', name: 'Counter', kind: 'counter', tempC: 19, shelfLitres: null };

describe('how warm the counter will be', () => {
  it('is as it is now where nobody said it was ever otherwise, or only once', () => {
    expect(warmthAhead(counter, today, 40)).toEqual(Array.from({ length: 40 }, () => 19));
    const once = { ...counter, was: [{ until: at('2026-09-10'), tempC: 24 }] };
    expect(new Set(warmthAhead(once, today, 40))).toEqual(new Set([19]));
  });
  it('is soon as it is now, later as a year ago was said', () => {
    // 22 °C till November, then 17 °C till May, 23 °C through the summer, 19 °C now.
    const was = [
      { until: at('2025-11-03'), tempC: 22 },
      { until: at('2026-05-04'), tempC: 17 },
      { until: at('2026-09-01'), tempC: 23 }
    ];
    const weeks = warmthAhead({ ...counter, was }, today, 40);
    expect(weeks.slice(0, 3)).toEqual([19, 19, 19]);
    // The week of 5 October 2026 is that of 6 October a year before; that of 7 December falls into the cool months.
    expect(weeks[3]).toBe(22);
    expect(weeks[12]).toBe(17);
    expect(weeks[37]).toBe(23);
  });
  it('goes by a thermometer where one was read all year, within a week as they pass', () => {
    const read = Array.from({ length: 360 }, (_, i) => ({
      at: at('2025-09-18') + i * 1440,
      tempC: 16 + (i % 2)
    }));
    const weeks = warmthAhead({ ...counter, read }, today, 40);
    expect(weeks[0]).toBe(19);
    expect(weeks[10]).toBeGreaterThan(16.3);
    expect(weeks[10]).toBeLessThan(16.7);
  });
});
