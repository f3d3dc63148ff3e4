import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, dayNumber } from '$lib/core/calendar';
import { CROPS } from '$lib/core/produce';
import {
  cropsAhead,
  expectedOf,
  firstPick,
  GROWS,
  mondayOf,
  picksScored,
  scaleBy,
  weekOf,
  yieldG,
  type Sowing
} from '$lib/core/sowing';
import { seeded } from '../support/season';
import { near } from '../support/vectors';

const sowing = (over: Partial<Sowing> = {}): Sowing => ({
  ...{ id: 's', cropId: 'carrot', variety: '', bed: '', day: '2026-05-01', planted: false },
  ...{ metres: 4, plants: null, first: null, weeks: null, g: null, lateWeeks: 0 },
  ...over
});
const bean = (over: Partial<Sowing> = {}) => sowing({ cropId: 'green-bean', day: '2026-06-01', ...over });
const total = (of: ReadonlyMap<number, number>) => [...of.values()].reduce((a, g) => a + g, 0);

describe('what a sowing is expected to give', () => {
  it('weeks begin on Monday', () => {
    expect(weekOf('1970-01-04')).toBe(0);
    expect(weekOf('1970-01-05')).toBe(1);
    expect(mondayOf(weekOf('2026-09-12'))).toBe('2026-09-07');
  });
  it('by the table: four metres of carrots are 7200 g, from 85 days after', () => {
    expect(yieldG(sowing())).toBe(7200);
    expect(firstPick(sowing())).toBe(addDays('2026-05-01', 85));
    near(total(expectedOf(sowing(), null)), 7200, 1e-9);
  });
  it('own numbers win: weight, first pick, weeks; plants stand apart as the table has it', () => {
    expect(yieldG(sowing({ g: 3000 }))).toBe(3000);
    expect(yieldG(sowing({ metres: null, plants: 100 }))).toBe(7200);
    expect(yieldG(sowing({ metres: null }))).toBeNull();
    expect(firstPick(sowing({ first: '2026-08-10' }))).toBe('2026-08-10');
    expect([...expectedOf(sowing({ weeks: 2, g: 3000 }), null).values()]).toEqual([1500, 1500]);
  });
  it('planted out it is sooner, and in a late year later', () => {
    expect(firstPick(sowing({ planted: true }))).toBe(addDays('2026-05-01', 50));
    expect(firstPick(sowing({ lateWeeks: 2 }))).toBe(addDays('2026-05-01', 99));
    expect(firstPick(sowing({ cropId: 'radish-small', planted: true }))).toBe(addDays('2026-05-01', 20));
  });
  it('what is picked over swells to its middle; a frost ends what is tender only', () => {
    const [first, second, third] = [...expectedOf(bean({ weeks: 5 }), null).values()];
    expect(first).toBeLessThan(second!);
    expect(second).toBeLessThan(third!);
    const late = bean({ day: '2026-08-01' });
    expect(total(expectedOf(late, '10-10'))).toBeLessThan(total(expectedOf(late, null)));
    expect(Math.max(...expectedOf(late, '10-10').keys())).toBe(weekOf('2026-10-10'));
    const kale = sowing({ cropId: 'kale' });
    expect(total(expectedOf(kale, '10-10'))).toBe(total(expectedOf(kale, null)));
    // Garlic sown in October is ended by no frost, ginger by the next one.
    expect(expectedOf(sowing({ cropId: 'ginger', day: '2026-02-01' }), '10-10').size).toBeLessThanOrEqual(4);
  });
  it('every row of the table is of a crop that is known, and says something', () => {
    const known = new Set(CROPS.map((c) => c.id));
    for (const row of GROWS) {
      expect(known.has(row.id), row.id).toBe(true);
      expect(row.days > 0 && row.weeks > 0 && row.kgPerMetre > 0 && row.apartM > 0, row.id).toBe(true);
    }
    expect(new Set(GROWS.map((r) => r.id)).size).toBe(GROWS.length);
  });
});

describe('what was picked corrects the rest', () => {
  it('half of what was expected in four weeks: weight 0.09 / (0.09 + 0.2 / 4), worked by hand', () => {
    const { factor, sd } = scaleBy(500, 1000, 4);
    near(factor, 0.5 ** (0.09 / 0.14), 1e-12);
    near(sd, Math.sqrt(0.09 * (1 - 0.09 / 0.14)), 1e-12);
    expect(scaleBy(500, 1000, 0).factor).toBe(1);
  });
  it('a crop of which nothing is due yet is as expected; of one half picked the rest is less', () => {
    const beans = bean({ weeks: 6, g: 6000 });
    const from = firstPick(beans);
    const [before] = cropsAhead([beans], null, [], addDays(from, -10));
    near(before!.restG, 6000, 1e-6);
    expect(before!.least).toBeLessThan(before!.restG);
    expect(before!.most).toBeGreaterThan(before!.restG);
    const picked = [{ cropId: 'green-bean', day: addDays(from, 1), g: 200 }];
    const [after] = cropsAhead([beans], null, picked, addDays(from, 14));
    expect(after!.factor).toBeLessThan(1);
    expect(after!.pickedG).toBe(200);
    expect(after!.restG).toBeLessThan(6000 - [...expectedOf(beans, null).values()][0]!);
  });
  it('what this week gave already is not to come', () => {
    const beans = bean({ weeks: 2, g: 4000 });
    const picked = (g: number) => [{ cropId: 'green-bean', day: firstPick(beans), g }];
    const rest = (g: number) => cropsAhead([beans], null, picked(g), firstPick(beans))[0]!.restG;
    near(rest(500), 3500, 1e-6);
    near(rest(9000), 2000, 1e-6);
  });
  it('earlier seasons teach what the table is worth here, but not what was said by hand', () => {
    const [old, now] = [sowing({ id: 'o', day: '2025-05-01' }), sowing()];
    const picked = [{ cropId: 'carrot', day: addDays(firstPick(old), 20), g: 14_400 }];
    const rest = (all: Sowing[]) => cropsAhead(all, null, picked, '2026-06-01')[0]!.restG;
    expect(rest([old, now])).toBeGreaterThan(7200 * 1.3);
    near(rest([old, { ...now, g: 7200 }]), 7200, 1e-6);
    near(rest([now]), 7200, 1e-6);
  });
  it('always: weeks add up, nothing is negative, more metres never bring less', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...GROWS.map((r) => r.id)),
        fc.integer({ min: 0, max: 250 }),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 0, max: 5000 }),
        (cropId, day, metres, g) => {
          const s = sowing({ cropId, metres, day: addDays('2026-01-01', day) });
          const today = '2026-09-12';
          const picked = [{ cropId, day: addDays(today, -9), g }];
          const [c] = cropsAhead([s], '10-15', picked, today);
          const [more] = cropsAhead([{ ...s, metres: metres + 1 }], '10-15', [], today);
          if (!c) return;
          const ahead = c.weeks.filter((w) => weekOf(w.monday) >= weekOf(today));
          near(
            ahead.reduce((a, w) => a + w.expectedG, 0),
            c.restG,
            1e-6
          );
          expect(c.weeks.every((w) => w.expectedG >= 0 && w.pickedG >= 0)).toBe(true);
          const [plain] = cropsAhead([s], '10-15', [], today);
          if (plain && plain.factor === 1) expect(more!.restG).toBeGreaterThanOrEqual(plain.restG - 1e-9);
          expect(dayNumber(c.weeks[0]!.monday) % 7).toBe(dayNumber('1970-01-05') % 7);
        }
      ),
      { numRuns: 200 }
    ));
});

describe('what was expected of a week, held against what came', () => {
  // Six weeks of as much each; a Monday in its fifth.
  const carrots = sowing({ g: 6000, weeks: 6, first: '2026-07-27' });
  const monday = (week: number) => mondayOf(weekOf('2026-07-27') + week);
  const picks = (g: readonly number[]) => g.map((x, i) => ({ cropId: 'carrot', day: monday(i), g: x }));
  const scored = (g: readonly number[], weeks = 8) =>
    picksScored([carrots], null, picks(g), { today: monday(4), weeks });

  it('where it comes as it was expected, it is near, whatever day one went out', () => {
    const held = { cropId: 'carrot', expectedG: 4000, pickedG: 4000, isNear: true };
    expect(scored([1000, 1000, 1000, 1000])).toEqual([held]);
    // Picked all at once, it is no worse; what was expected meanwhile follows what was picked.
    const [once] = scored([0, 0, 0, 4000]);
    expect(once).toMatchObject({ pickedG: 4000, isNear: true });
    expect(once!.expectedG).toBeLessThan(4000);
  });
  it('a week is expected by what came before it, and none of what came later', () => {
    const half = scored([500, 500, 500, 500], 1)[0]!;
    near(half.expectedG, 1000 * scaleBy(1500, 3000, 3).factor, 1e-9);
    expect(scored([500, 500, 500, 9000], 1)[0]!.expectedG).toBe(half.expectedG);
    // So far off no season in ten is.
    expect(scored([500, 500, 500, 9000], 1)[0]).toMatchObject({ pickedG: 9000, isNear: false });
    expect(scored([0, 0, 0, 0])[0]).toMatchObject({ pickedG: 0, isNear: false });
  });
  it('at least nine in ten of seasons drawn by their own spread are near', () => {
    const dice = seeded(7);
    const uniform = () => (1 + dice(1_000_000)) / 1_000_001;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const near = Array.from({ length: 400 }, () => {
      const season = 0.3 * normal();
      const weeks = Array.from({ length: 4 }, () => Math.exp(season + Math.sqrt(0.2) * normal()));
      return scored(weeks.map((w) => 1000 * w))[0]!;
    }).filter((s) => s.isNear).length;
    // Model of the season's plan, §8: lognormal, 0.3 for a season, 0.45 for a week in it. What was picked so far narrows it.
    expect(near).toBeGreaterThan(0.9 * 400);
    expect(near).toBeLessThan(400);
  });
  it('says nothing of what nobody expected', () => {
    expect(picksScored([], null, picks([1000]), { today: monday(4), weeks: 8 })).toEqual([]);
  });
});
