import { describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { mondayOf, weekOf } from '$lib/core/sowing';
import { seasonPast, SERVING_G, WEEKS_BACK, type SeasonPast } from '$lib/core/season';
import { batch, filling, PLACES } from '../../support/builders';
import { careAt } from '../../support/care';
import { PLAIN } from '../../support/season';

// A Wednesday in the fifth week after that of 31 August, in which the builders' batch is begun on a Tuesday.
const today = '2026-10-07';
const week = (monday: string) => WEEKS_BACK + weekOf(monday) - weekOf(today);
const HOURS_A_WEEK = 7 * 24;

function past(over: Partial<Parameters<typeof seasonPast>[0]> = {}): SeasonPast {
  const care = careAt(PLACES, wall(today, 9));
  return seasonPast({ batches: [], picked: [], care, styles: [], today, ...over });
}

describe('the weeks that have passed', () => {
  it('are the last eight, and what was picked in each of them', () => {
    const picked = [
      { cropId: 'carrot', day: '2026-09-28', g: 400 },
      { cropId: 'carrot', day: '2026-10-04', g: 600 },
      // This week is not over, and that was longer ago.
      { cropId: 'carrot', day: '2026-10-05', g: 5000 },
      { cropId: 'leek', day: '2026-08-01', g: 5000 }
    ];
    const { picks } = past({ picked });
    expect(picks.map((p) => p.cropId)).toEqual(['carrot']);
    expect(picks[0]!.kg).toHaveLength(WEEKS_BACK);
    expect(picks[0]!.kg.at(-1)).toBeCloseTo(1, 9);
    expect(picks[0]!.kg.reduce((a, kg) => a + kg, 0)).toBeCloseTo(1, 9);
  });

  it('have a batch on the counter till it went to the cold, its jar in use till it was empty, and its hands', () => {
    const b = batch({ fillings: [filling(), filling({ id: 'f2', lidNumber: 2 })] }, [
      [2 * HOURS_A_WEEK, { type: 'moved', data: { fillingIds: ['f1', 'f2'], placeId: 'fridge' } }],
      [3 * HOURS_A_WEEK, { type: 'portioned', data: { fillingId: 'f1', how: 'eaten', g: 460, reason: '' } }],
      [4 * HOURS_A_WEEK, { type: 'portioned', data: { fillingId: 'f1', how: 'given', g: 2000, reason: '' } }]
    ]);
    const styles = [{ ...PLAIN, id: 'shredded', hours: { fixed: 0.5, perKg: 1 } }];
    const { kinds, jars, room, hours } = past({ batches: [b], styles });
    const begun = week('2026-08-31');
    expect(kinds).toHaveLength(1);
    expect(kinds[0]!.counter).toEqual([
      { styleId: 'shredded', cropId: 'cabbage-white', from: -5, until: -3, kg: 0.9, planned: false }
    ]);
    expect(jars).toEqual({ litre: [0, 0, 0, 2, 2, 2, 2, 1] });
    expect(room.counter.map((l) => l > 0)).toEqual([0, 0, 0, 1, 1, 0, 0, 0].map(Boolean));
    // Two full jars, one of them half eaten, one gone.
    expect(room.cold.slice(5).map((l) => l / room.counter[3]!)).toEqual([
      1,
      expect.closeTo(0.75, 2),
      expect.closeTo(0.5, 9)
    ]);
    expect(hours.map((h) => h > 0)).toEqual(hours.map((_, i) => i === begun));
    expect(hours[begun]).toBeCloseTo(0.5 + 0.9, 9);
    // What is given nobody ate.
    const eaten = kinds[0]!.eaten;
    expect(eaten.filter((n) => n > 0)).toHaveLength(1);
    expect(eaten[week(mondayOf(weekOf('2026-09-22')))]).toBeGreaterThan(400 / SERVING_G);
    expect(eaten[week(mondayOf(weekOf('2026-09-22')))]).toBeLessThan(460 / SERVING_G);
  });

  it('have what still stands on the counter up to the week in which it will be ready', () => {
    const b = batch({ since: wall('2026-10-01', 9), placeSince: wall('2026-10-01', 9) });
    const [box] = past({ batches: [b] }).kinds[0]!.counter;
    expect(box!.from).toBe(-1);
    expect(box!.until).toBeGreaterThan(0);
    expect(box!.until).toBeLessThan(8);
  });

  it('of years ago show nothing', () => {
    const since = wall('2024-03-01', 9);
    const old = batch({ since, placeSince: since }, [
      [
        -120 * HOURS_A_WEEK,
        { type: 'portioned', data: { fillingId: 'f1', how: 'eaten', g: 2000, reason: '' } }
      ]
    ]);
    expect(past({ batches: [old] }).kinds).toEqual([]);
  });
});
