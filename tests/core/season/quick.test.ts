import { describe, expect, it } from 'vitest';
import { checkPlan, quickAnswers, type SeasonInput } from '$lib/core/season';
import { HOUSEHOLD, PLAIN, plainSeason, someSeason, wantedIn } from '../../support/season';

const CROP = { id: 'crop', picks: [], rawWeeks: 1, trim: 1, fresh: 0 };

describe('what to do with what was weighed in just now', () => {
  it('where nothing of it lies there, nothing is answered', () => {
    const season = plainSeason({ picks: [5], owned: 8, wanted: wantedIn([3], 10) });
    expect(quickAnswers(season, 'crop')).toBeNull();
    expect(quickAnswers(season, 'nothing')).toBeNull();
  });

  it('a batch as large as is wanted, what is left of it, and what of that turns', () => {
    const season: SeasonInput = {
      ...plainSeason({ picks: [9], owned: 8, wanted: wantedIn([3, 4], 10) }),
      crops: [{ ...CROP, picks: [9], fresh: 0.5, lots: [{ kg: 5, last: 1 }] }]
    };
    const { liesKg, starts, waits, eaten } = quickAnswers(season, 'crop')!;
    expect(liesKg).toBe(5);
    expect(starts).toHaveLength(1);
    const [start] = starts;
    // Twenty servings are wanted while it keeps, ten to a kilo; what this week is still to bring is not there yet.
    expect(start!.wanted).toBeCloseTo(20, 6);
    expect(start!.takesKg).toBeCloseTo(2, 6);
    expect(start!.leavesKg).toBeCloseTo(5 - 2 - 1, 6);
    expect(start!.held).toBe(false);
    expect(waits).toEqual({ until: 1, turnsKg: 0 });
    expect(eaten).toEqual({ kg: 1, leavesKg: 4 });
    expect(quickAnswers({ ...season, held: [{ styleId: PLAIN.id, week: 0 }] }, 'crop')!.starts[0]!.held).toBe(
      true
    );
  });

  it('what must be used this week turns if it waits, but for what is eaten', () => {
    const season: SeasonInput = {
      ...plainSeason({ picks: [], owned: 0, wanted: wantedIn([3], 10) }),
      crops: [
        {
          ...{ ...CROP, fresh: 0.5 },
          lots: [
            { kg: 2, last: 0 },
            { kg: 1, last: 2 }
          ]
        }
      ]
    };
    const { starts, waits, eaten } = quickAnswers(season, 'crop')!;
    // No jar, no batch.
    expect(starts).toEqual([]);
    expect(waits).toEqual({ until: 0, turnsKg: 1.5 });
    expect(eaten).toEqual({ kg: 1.5, leavesKg: 1.5 });
  });

  it.each([1, 2, 3, 4, 5, 6])(
    'each start by itself breaks no rule and takes no more than lies there: season %i',
    (seed) => {
      const made = someSeason(seed, HOUSEHOLD);
      const input = {
        ...made,
        crops: made.crops.map((c) => ({ ...c, lots: [...c.lots, { kg: 4, last: c.rawWeeks - 1 }] }))
      };
      let n = 0;
      for (const crop of input.crops) {
        const lies = crop.lots.reduce((a, l) => a + l.kg, 0);
        for (const s of quickAnswers(input, crop.id)!.starts) {
          n++;
          expect(s.takesKg).toBeLessThanOrEqual(lies + 1e-6);
          expect(s.takesKg + s.leavesKg).toBeLessThanOrEqual(lies + 1e-6);
          const { faults } = checkPlan(input, {
            ...{ batches: [s.batch], fresh: [], eaten: [], thrown: [], back: [] }
          });
          expect(faults.filter((f) => f.fault !== 'served')).toEqual([]);
        }
      }
      expect(n).toBeGreaterThan(0);
    }
  );
});
