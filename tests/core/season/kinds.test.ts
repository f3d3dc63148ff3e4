import { describe, expect, it } from 'vitest';
import { greedyPlan, kindsInSeason, surenessOf, summedUp, years, type SeasonInput } from '$lib/core/season';
import { HOUSEHOLD, someSeason } from '../../support/season';

describe('kinds through the season', () => {
  it.each([1, 2, 3, 4])(
    'nothing is eaten that was not stored, and all that was made is somewhere: %i',
    (seed) => {
      const input = someSeason(seed, HOUSEHOLD);
      const plan = greedyPlan(input);
      const kinds = kindsInSeason(input, plan);
      const batches = kinds.flatMap((k) => k.counter.filter((c) => c.planned));
      expect(batches).toHaveLength(plan.batches.length);
      const servings = plan.eaten.reduce(
        (a, m) => a + m.kg * input.styles.find((s) => s.id === m.styleId)!.servingsPerKg,
        0
      );
      expect(kinds.reduce((a, k) => a + k.eaten.reduce((b, n) => b + n, 0), 0)).toBeCloseTo(servings, 6);
      for (const k of kinds) {
        expect(Math.min(...k.stored)).toBeGreaterThanOrEqual(0);
        const made = plan.batches
          .filter((b) => input.styles.find((s) => s.id === b.styleId)?.group === k.group)
          .reduce((a, b) => a + b.kg, 0);
        const had = [...input.stored, ...input.standing]
          .filter((s) => input.styles.find((x) => x.id === s.styleId)?.group === k.group)
          .reduce((a, s) => a + s.kg, 0);
        expect(Math.max(...k.stored)).toBeLessThanOrEqual(made + had + 1e-6);
      }
    }
  );

  it('a batch stands on the counter till it is stored, lies there till it is eaten, and what is past its week is gone', () => {
    const input = someSeason(1, HOUSEHOLD);
    const style = { ...input.styles[0]!, keeps: { cold: 3, cellar: 0 }, servingsPerKg: 10 };
    const bare: SeasonInput = {
      ...input,
      ...{ styles: [style], standing: [], stored: [], crops: [] },
      groups: [{ ...input.groups[0]!, id: style.group }]
    };
    const plan = {
      batches: [
        {
          ...{ styleId: style.id, week: 2, kg: 4, jars: [], uses: [{ cropId: 'leek', kg: 4 }] },
          ends: [{ place: 'cold' as const, week: 4, kg: 4 }]
        }
      ],
      ...{ fresh: [], thrown: [], back: [] },
      eaten: [{ styleId: style.id, place: 'cold' as const, week: 5, kg: 1 }]
    };
    const [kind] = kindsInSeason(bare, plan);
    expect(kind!.counter).toEqual([
      { styleId: style.id, cropId: 'leek', from: 2, until: 4, kg: 4, planned: true }
    ]);
    expect(kind!.stored.slice(3, 8)).toEqual([0, 4, 3, 0, 0]);
    expect(kind!.eaten[5]).toBeCloseTo(10, 9);
  });
});

describe('how sure a start is', () => {
  it('by the years in which it is made, and never firm beyond what one can know', () => {
    const begun = [
      { styleId: 'kraut', week: 0, share: 0.95 },
      { styleId: 'kraut', week: 8, share: 1 },
      { styleId: 'sauce', week: 1, share: 0.7 },
      { styleId: 'pickle', week: 1, share: 0.3 }
    ];
    const sure = (styleId: string, week: number) => surenessOf({ begun }, { styleId, week }, 6);
    expect([
      sure('kraut', 0),
      sure('kraut', 8),
      sure('sauce', 1),
      sure('pickle', 1),
      sure('none', 1)
    ]).toEqual([...['firm', 'likely', 'likely', 'maybe', 'maybe']]);
  });

  it('counts a start in each year that makes it', () => {
    const input = someSeason(2, HOUSEHOLD);
    const plan = greedyPlan(input);
    const all = [];
    for (const year of years(input, plan)) if (all.push(year) === 20) break;
    const { begun } = summedUp(all);
    for (const b of begun) {
      const n = all.filter((y) => y.begun.some((s) => s.styleId === b.styleId && s.week === b.week)).length;
      expect(b.share).toBeCloseTo(n / 20, 9);
    }
    // What lies there already is begun in every year.
    expect(begun.length).toBeGreaterThan(0);
  });
});
