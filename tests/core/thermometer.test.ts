import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  evolveHousehold,
  NEW_HOUSEHOLD,
  offTheDay,
  readLately,
  tempsDuring,
  thermometerRead,
  type Household
} from '$lib/core/kit';
import { batch, START } from '../support/builders';
import { careOf } from '../support/care';

const DAY = 1440;
/** Midnight of the start’s day: what the course of a day does to a reading goes by the clock on the wall. */
const MIDNIGHT = Math.floor(START / DAY) * DAY;
const counterOf = (h: Household) => h.places.find((p) => p.id === 'counter')!;
const read = (h: Household, at: number, tempC: number) => {
  const decided = thermometerRead(h, { placeId: 'counter', tempC });
  if (!decided.ok) throw new Error(decided.refusal.code);
  return evolveHousehold(h, decided.value, at);
};
const said = (tempC: number, swingC = 0) =>
  evolveHousehold(
    NEW_HOUSEHOLD,
    {
      type: 'placeSet',
      data: { id: 'counter', name: 'Counter', kind: 'counter', tempC, shelfLitres: null, swingC }
    },
    MIDNIGHT - 100 * DAY
  );
const temps = (h: Household, from: number, until: number) =>
  tempsDuring(counterOf(h), MIDNIGHT + from * DAY, MIDNIGHT + until * DAY).map((t) => [
    (t.from - MIDNIGHT) / DAY,
    Math.round(t.tempC * 10) / 10
  ]);

describe('a thermometer read at a place', () => {
  it('speaks for half a day on both sides, and what was said holds for the rest', () => {
    const h = read(said(21), MIDNIGHT + 3 * DAY, 27);
    expect(temps(h, 0, 7)).toEqual([
      [0, 21],
      [2.5, 27],
      [3.5, 21]
    ]);
  });

  it('together with one not three days away, for all that is between', () => {
    const h = read(read(said(21), MIDNIGHT + 3 * DAY, 27), MIDNIGHT + 5 * DAY, 25);
    expect(temps(h, 0, 7)).toEqual([
      [0, 21],
      [2.5, 27],
      [4, 25],
      [5.5, 21]
    ]);
    const far = read(read(said(21), MIDNIGHT + 3 * DAY, 27), MIDNIGHT + 6.5 * DAY, 25);
    expect(temps(far, 0, 8)).toEqual([
      [0, 21],
      [2.5, 27],
      [3.5, 21],
      [6, 25],
      [7, 21]
    ]);
  });

  it('is taken for the day by its usual course: 19 °C before dawn is a day of 21 where the afternoon is 2 warmer', () => {
    expect(offTheDay(2, MIDNIGHT + 4 * 60)).toBeCloseTo(-2, 9);
    expect(offTheDay(2, MIDNIGHT + 16 * 60)).toBeCloseTo(2, 9);
    const night = read(said(18, 2), MIDNIGHT + 4 * 60, 19);
    const noon = read(said(18, 2), MIDNIGHT + 16 * 60, 23);
    expect(readLately(counterOf(night), MIDNIGHT + DAY)).toMatchObject({ n: 1 });
    expect(readLately(counterOf(night), MIDNIGHT + DAY)!.tempC).toBeCloseTo(21, 9);
    expect(readLately(counterOf(noon), MIDNIGHT + DAY)!.tempC).toBeCloseTo(21, 9);
    expect(readLately(counterOf(noon), MIDNIGHT + 9 * DAY)).toBeNull();
  });

  it('hurries what stands there for those days, and no others', () => {
    const b = batch();
    const days = (h: Household) =>
      (careOf(h, b.startedAt).courseOf(b, b.fillings[0]!).firstTaste! - b.startedAt) / DAY;
    const even = said(21);
    const hot = [1, 2, 3].reduce((h, d) => read(h, b.startedAt + d * DAY, 28), even);
    const after = [20, 21].reduce((h, d) => read(h, b.startedAt + d * DAY, 28), even);
    expect(days(hot)).toBeLessThan(days(even) - 0.3);
    expect(days(after)).toBeCloseTo(days(even), 9);
  });

  it('never rewrites what was: a place said anew keeps its readings, and a later reading changes no day before it', () => {
    const h = read(said(21), MIDNIGHT + 3 * DAY, 27);
    const data = { id: 'counter', name: 'Counter', kind: 'counter', tempC: 17, shelfLitres: null } as const;
    const anew = evolveHousehold(h, { type: 'placeSet', data }, MIDNIGHT + 6 * DAY);
    expect(temps(anew, 0, 8)).toEqual([
      [0, 21],
      [2.5, 27],
      [3.5, 21],
      [6, 17]
    ]);
    const reading = fc.record({
      at: fc.integer({ min: 0, max: 40 }),
      tempC: fc.integer({ min: 5, max: 35 })
    });
    fc.assert(
      fc.property(fc.array(reading, { maxLength: 12 }), (all) => {
        const sorted = [...all].sort((a, b) => a.at - b.at);
        const after = sorted.reduce((x, r) => read(x, MIDNIGHT + r.at * DAY, r.tempC), said(21));
        const pieces = temps(after, 0, 41);
        // Without a gap, in order, each as warm as something that was said or read.
        expect(pieces[0]?.[0]).toBe(0);
        expect(pieces.every((p, i) => i === 0 || p[0]! >= pieces[i - 1]![0]!)).toBe(true);
        const known = new Set([21, ...all.map((r) => r.tempC)]);
        expect(pieces.every((p) => known.has(p[1]!))).toBe(true);
      })
    );
  });

  it('read again at once, the first was a slip', () => {
    const h = read(read(said(21), MIDNIGHT, 42), MIDNIGHT + 3, 24);
    expect(counterOf(h).read).toEqual([{ at: MIDNIGHT + 3, tempC: 24 }]);
  });

  it('wants a place that there is', () => {
    expect(thermometerRead(NEW_HOUSEHOLD, { placeId: 'moon', tempC: 3 })).toMatchObject({
      refusal: { code: 'place-unknown', field: 'placeId' }
    });
  });
});
