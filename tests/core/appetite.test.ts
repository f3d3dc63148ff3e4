import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  appetiteOf,
  eatDown,
  eatDowns,
  eatenOf,
  eatersOn,
  freeOn,
  jarsBack,
  type JarToEat,
  type Table
} from '$lib/core/appetite';
import { addDays } from '$lib/core/calendar';
import { near } from '../support/vectors';

const table: Table = { people: 2, away: [], feasts: [] };
const jar = (over: Partial<JarToEat> = {}): JarToEat => ({
  ...{ g: 700, from: 0, best: 180, latest: 360, opened: false },
  ...over
});
const days = (n: number, people = 2) => Array.from({ length: n }, () => people);

describe('who eats', () => {
  const away = [{ id: 'a', from: '2026-12-20', to: '2026-12-27' }];
  const feasts = [{ id: 'f', from: '2026-12-24', to: '2026-12-24', people: 12, name: 'Yule' }];
  it('as many as live here, nobody on days away, and on a feast as many as were said', () => {
    const on = (day: string) => eatersOn({ ...table, away, feasts }, day);
    expect([on('2026-12-19'), on('2026-12-20'), on('2026-12-24'), on('2026-12-28')]).toEqual([2, 0, 12, 2]);
  });
});

describe('what is learnt of eating', () => {
  const taught = {
    ...{ style: 'shredded', from: '2026-10-01', to: null },
    taken: [
      { day: '2026-10-05', g: 150 },
      { day: '2026-10-20', g: 150 },
      { day: '2026-11-02', g: 300 }
    ]
  };
  const kept = { ...taught, taken: [] };
  it('counts from the first helping, weeks in which there was some, of those who were here', () => {
    const of = eatenOf([taught], 'shredded', table, '2026-11-15');
    // 5 October to 15 November, both included, are six weeks.
    expect(of).toMatchObject({ g: 450, personWeeks: 12 });
    // (150² + 300²) / 450, worked by hand.
    near(of.biteG!, 250, 1e-9);
    const gone = eatenOf([{ ...taught, to: '2026-11-08' }], 'shredded', table, '2026-11-30');
    expect(gone.personWeeks).toBe(10);
    const away = [{ id: 'a', from: '2026-10-06', to: '2026-10-12' }];
    expect(eatenOf([taught], 'shredded', { ...table, away }, '2026-11-15').personWeeks).toBe(10);
  });
  it('what nobody has opened yet teaches nothing', () => {
    const nothing = { g: 0, personWeeks: 0, biteG: null };
    expect(eatenOf([kept], 'shredded', table, '2026-11-15')).toEqual(nothing);
    expect(eatenOf([taught], 'pieces', table, '2026-11-15')).toEqual(nothing);
  });
  it('two batches at once are one cupboard, and half a year back is long enough', () => {
    const twice = eatenOf([taught, kept], 'shredded', table, '2026-11-15');
    expect(twice).toMatchObject({ g: 450, personWeeks: 12 });
    expect(eatenOf([taught], 'shredded', table, addDays('2026-11-02', 182)).g).toBe(0);
  });
  it('an appetite: six hundred grams in twelve weeks of one person, by 150 g, is 53 g a week', () => {
    near(appetiteOf({ g: 600, personWeeks: 12, biteG: 150 }).personWeekG, 53.03, 1e-3);
    const first = appetiteOf({ g: 0, personWeeks: 0, biteG: null });
    expect([first.personWeekG, first.learntFromG]).toEqual([70, 0]);
    // Opened, and not touched for two months: less, and never nothing.
    const left = appetiteOf({ g: 0, personWeeks: 16, biteG: null }).personWeekG;
    expect(left).toBeGreaterThan(0);
    expect(left).toBeLessThan(15);
  });
  it('the more was eaten, the surer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }), (n, more) => {
        const at = (k: number) => appetiteOf({ g: 150 * k, personWeeks: 2 * k, biteG: 150 });
        expect(at(n + more).sd).toBeLessThan(at(n).sd);
      })
    );
  });
});

describe('how it goes down', () => {
  it('700 g at two times 50 g a day are gone on the seventh day', () => {
    const down = eatDown([jar()], 50, days(30));
    expect(down.left.slice(0, 8)).toEqual([600, 500, 400, 300, 200, 100, 0, 0]);
    expect([down.lasts, down.short, down.spoiledG]).toEqual([6, [], 0]);
  });
  it('a feast shortens it, and nobody at home lengthens it', () => {
    const feast = days(30).map((n, i) => (i === 1 ? 8 : n));
    expect(eatDown([jar()], 50, feast).lasts).toBe(3);
    const away = days(30).map((n, i) => (i < 7 ? 0 : n));
    expect(eatDown([jar()], 50, away).lasts).toBe(13);
  });
  it('what is still to come leaves a gap, said by its days', () => {
    const down = eatDown([jar({ g: 200 }), jar({ from: 5, g: 300 })], 50, days(30));
    expect(down.short).toEqual([{ from: 1, to: 4 }]);
    expect(down.lasts).toBe(7);
  });
  it('what is open goes first, then what keeps least; what nobody comes to is thrown', () => {
    const old = jar({ g: 400, best: 3, latest: 6 });
    const down = eatDown([jar({ g: 400, opened: true }), old], 50, days(30));
    // Four days at the open one, three at the old one till its sixth day: 100 g of it spoil.
    expect(down.spoiledG).toBe(100);
    expect(down.pastBestG).toBe(400);
  });
  it('loses nothing: what was there is eaten, left or spoilt', () => {
    const jars = fc.array(
      fc.record({
        g: fc.integer({ min: 50, max: 3000 }),
        from: fc.integer({ min: 0, max: 40 }),
        best: fc.integer({ min: 20, max: 90 }),
        latest: fc.integer({ min: 90, max: 200 }),
        opened: fc.boolean()
      }),
      { minLength: 1, maxLength: 6 }
    );
    fc.assert(
      fc.property(jars, fc.double({ min: 1, max: 80, noNaN: true }), (all, rate) => {
        const down = eatDown(all, rate, days(300));
        const came = all.reduce((a, j) => a + j.g, 0);
        expect(down.left.at(-1)! + down.spoiledG).toBeLessThanOrEqual(came + 1e-6);
        const faster = eatDown(all, rate * 1.5, days(300));
        expect(faster.spoiledG).toBeLessThanOrEqual(down.spoiledG + 1e-6);
        expect(faster.lasts ?? 300).toBeLessThanOrEqual(down.lasts ?? 300);
      })
    );
  });
  it('slow, likely and fast stand in order', () => {
    const appetite = appetiteOf({ g: 600, personWeeks: 12, biteG: 150 });
    const { slow, likely, fast } = eatDowns([jar(), jar()], appetite, days(366));
    expect(fast.lasts!).toBeLessThan(likely.lasts!);
    expect(likely.lasts!).toBeLessThan(slow.lasts ?? 366);
  });
});

describe('when jars come back', () => {
  const appetite = appetiteOf({ g: 4200, personWeeks: 12, biteG: 150 });
  const three = [jar(), jar({ opened: true }), jar({ from: 20 })];
  it('each on the day on which it is eaten up, or past keeping', () => {
    // At 100 g a day: the open one on the seventh day, the next on the fourteenth; what comes later waits for the evening of its day.
    expect(eatDown(three, 50, days(60)).emptied).toEqual([13, 6, 26]);
    expect(eatDown([jar({ best: 2, latest: 4 })], 1, days(60)).emptied).toEqual([5]);
    expect(eatDown([jar()], 1, days(60)).emptied).toEqual([null]);
  });
  it('as many are free on a day as are now and as came back, between the least and the most', () => {
    const back = jarsBack(['litre', 'litre', 'pint'], eatDowns(three, appetite, days(366)));
    for (const b of back) {
      expect(b.early!).toBeLessThanOrEqual(b.likely!);
      expect(b.likely!).toBeLessThanOrEqual(b.late!);
    }
    expect(freeOn(back, 'litre', 2, 0)).toEqual({ least: 2, likely: 2, most: 2 });
    for (const day of [5, 10, 20, 60]) {
      const { least, likely, most } = freeOn(back, 'litre', 2, day);
      expect(2 <= least && least <= likely && likely <= most && most <= 4).toBe(true);
    }
    expect(freeOn(back, 'litre', 2, 300).likely).toBe(4);
    expect(freeOn(back, 'none', 0, 300).most).toBe(0);
  });
  it('what a fast table eats and a slow one lets spoil comes back between the two', () => {
    const never = { left: [], lasts: null, short: [], spoiledG: 0, pastBestG: 0 };
    const of = (day: number | null) => ({ ...never, emptied: [day] });
    const [b] = jarsBack(['litre'], { likely: of(20), slow: of(12), fast: of(15) });
    expect(b).toEqual({ jarId: 'litre', early: 12, likely: 20, late: 20 });
  });
});
