import { expect, it } from 'vitest';
import { otherwise, seasonPlans, whatBecomes, type SeasonInput, type SeasonPlan } from '$lib/core/season';
import { PLAIN, plainSeason, solver, wantedIn } from '../../support/season';

const PLAIN_CROP = { id: 'crop', picks: [], rawWeeks: 1, trim: 1, fresh: 0 };
const nothing: SeasonPlan = { batches: [], fresh: [], eaten: [], thrown: [], back: [] };
const use = (styleId: string, week: number, cropId: string, kg: number): SeasonPlan['batches'][number] => ({
  ...{ styleId, week, kg, jars: [], ends: [] },
  uses: [{ cropId, kg }]
});

it('what lies there goes the oldest first: eaten fresh, into starts while it keeps, and the rest rots', () => {
  const season: SeasonInput = {
    ...plainSeason({ picks: [0, 0, 6], owned: 8, wanted: wantedIn([4, 5], 10) }),
    crops: [
      {
        ...{ id: 'crop', picks: [0, 0, 6], rawWeeks: 2, trim: 0.8, fresh: 1 },
        lots: [
          { kg: 3, last: 0 },
          { kg: 2, last: 2 }
        ]
      }
    ]
  };
  const plan = {
    ...nothing,
    fresh: [{ cropId: 'crop', week: 0, kg: 1 }],
    // Prepared: 0.8 kg are a kilo as picked.
    batches: [use('style', 0, 'crop', 0.8), use('style', 2, 'crop', 3.2), use('style', 1, 'other', 5)]
  };
  const { parts, rotsKg } = whatBecomes(season, plan, 'crop');
  expect(parts).toEqual([
    { week: 0, styleId: null, kg: 1 },
    { week: 0, styleId: 'style', kg: expect.closeTo(1, 9) },
    // The pick of that week gives the other two.
    { week: 2, styleId: 'style', kg: expect.closeTo(2, 9) }
  ]);
  expect(rotsKg).toBeCloseTo(1, 9);
  expect(whatBecomes(season, nothing, 'crop')).toEqual({ parts: [], rotsKg: 5 });
  expect(whatBecomes(season, plan, 'nothing')).toEqual({ parts: [], rotsKg: 0 });
});

it('what waits past its day rots, and what is given away is missed', async () => {
  const season: SeasonInput = {
    ...plainSeason({ picks: [], owned: 8, wanted: wantedIn([3, 4, 5], 10) }),
    crops: [{ ...PLAIN_CROP, lots: [{ kg: 3, last: 0 }] }],
    styles: [PLAIN]
  };
  let plan = nothing;
  for (const better of seasonPlans(season, await solver(), { trials: 10 })) plan = better.plan;
  expect(plan.batches.map((b) => b.week)).toEqual([0]);
  const { waits, given } = otherwise(season, await solver(), plan, 'crop');
  expect(waits!.rotsKg).toBeCloseTo(3, 3);
  expect(waits!.missed).toBeCloseTo(30, 2);
  expect(given!.missed).toBeCloseTo(30, 2);
  expect(given!.rotsKg).toBeCloseTo(0, 3);
  expect(waits!.missedFrom).toBe(3);
  // What keeps may wait at no cost.
  const keeps = { ...season, crops: [{ ...PLAIN_CROP, lots: [{ kg: 3, last: 1 }] }] };
  const later = otherwise(keeps, await solver(), plan, 'crop').waits!;
  expect(later.rotsKg).toBeCloseTo(0, 3);
  expect(later.missed).toBeCloseTo(0, 2);
  // Nothing of it is begun now: nothing can wait.
  expect(otherwise(keeps, await solver(), nothing, 'crop').waits).toBeNull();
});
