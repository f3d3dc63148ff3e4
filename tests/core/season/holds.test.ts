import { describe, expect, it } from 'vitest';
import {
  checkPlan,
  greedyPlan,
  seasonPlans,
  whatStops,
  type PlanSoFar,
  type SeasonInput
} from '$lib/core/season';
import { plainSeason, SMALL, someSeason, solver, wantedIn, PLAIN } from '../../support/season';

async function plansOf(input: SeasonInput, proof = 0): Promise<PlanSoFar[]> {
  return [...seasonPlans(input, await solver(), { trials: 40, proof })];
}
const last = (plans: readonly PlanSoFar[]) => plans[plans.length - 1]!;
/** Few enough weeks that a proof is no matter of time. */
const TINY = { ...SMALL, crops: 3, styles: 3, picked: 6, weeks: 14 };

describe('what must always hold of a season', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])('the plain way breaks no rule: season %i', (seed) => {
    for (const size of [SMALL, { ...SMALL, crops: 14, styles: 12, scale: 3 }]) {
      const input = someSeason(seed, size);
      expect(checkPlan(input, greedyPlan(input)).faults).toEqual([]);
    }
  });

  it.each([1, 2, 3])(
    'every plan passes the checker, none is worse than the one before, none above the bound: season %i',
    async (seed) => {
      const input = someSeason(seed, SMALL);
      const plans = await plansOf(input);
      let before = -Infinity;
      for (const { plan, facts, bound } of plans) {
        expect(checkPlan(input, plan).faults).toEqual([]);
        expect(facts.points).toBeGreaterThanOrEqual(before);
        expect(facts.points).toBeLessThanOrEqual(bound * (1 + 1e-6));
        before = facts.points;
      }
      expect(last(plans).settled).toBe(true);
      expect(last(plans).facts.points).toBeGreaterThan(checkPlan(input, greedyPlan(input)).facts.points);
    }
  );

  it('gives the same plan for the same season', async () => {
    const input = someSeason(5, TINY);
    const [a, b] = [last(await plansOf(input)), last(await plansOf(input))];
    expect(a.plan).toEqual(b.plan);
  });

  it('is never worth less with more jars, room, hours or picks that may rot, nor more with less', async () => {
    const said = {
      picks: [3, 2, 0, 4, 1],
      owned: 3,
      fresh: 0.4,
      wanted: wantedIn([1, 2, 3, 4, 5, 6, 7, 8], 6)
    };
    const tight = { cold: 5, counter: 5, hours: 1.2 };
    const season = (more: Partial<typeof said>, week: Partial<typeof tight> = {}) => {
      const input = plainSeason({ ...said, ...more, week: { ...tight, ...week } });
      return { ...input, points: { ...input.points, lost: 0 } };
    };
    const worth = async (input: SeasonInput) => last(await plansOf(input, 20)).facts.points;
    const usual = await worth(season({}));
    const more = [
      season({ owned: 5 }),
      season({ picks: [4, 3, 1, 6, 2] }),
      season({}, { cold: 9 }),
      season({}, { counter: 9 }),
      season({}, { hours: 2 })
    ];
    const less = [season({ owned: 2 }), season({ picks: [2, 1, 0, 3, 1] }), season({}, { hours: 0.9 })];
    for (const input of more) expect(await worth(input)).toBeGreaterThanOrEqual(usual - 1e-6);
    for (const input of less) expect(await worth(input)).toBeLessThanOrEqual(usual + 1e-6);
  });

  it('begins nothing without picks, nothing that nobody wants, nothing in a year away', async () => {
    const wanted = wantedIn([2, 3, 4], 10);
    const none = plainSeason({ picks: [], owned: 5, wanted });
    const unwanted = plainSeason({ picks: [3, 3], owned: 5, wanted: wantedIn([], 0) });
    const away = plainSeason({ picks: [3, 3], owned: 5, wanted, week: { away: true } });
    for (const input of [none, unwanted, away]) expect(last(await plansOf(input)).plan.batches).toEqual([]);
  });

  it('fills no more bottles than there are, begins nothing for which there are none, and says so', async () => {
    const season = (bottles: number): SeasonInput => {
      const plain = plainSeason({ picks: [9], owned: 12, wanted: wantedIn([1, 2, 3, 4, 5], 12) });
      return { ...plain, bottles, styles: [{ ...PLAIN, bottled: true }] };
    };
    for (const bottles of [0, 0.5, 2, 4]) {
      const plans = await plansOf(season(bottles));
      for (const { plan, facts } of plans) {
        expect(checkPlan(season(bottles), plan).faults).toEqual([]);
        expect(Math.max(0, ...facts.bottles)).toBeLessThanOrEqual(bottles + 0.05);
      }
    }
    expect(last(await plansOf(season(0.5))).plan.batches).toEqual([]);
    expect(whatStops(season(0.5), { styleId: 'style', week: 0 })).toBe('bottles');
  });

  it('makes no more brine in a week than there is water for, and says where there is too little', async () => {
    const brined = { ...PLAIN, waterPerKg: 0.8 };
    const dry = { ...PLAIN, id: 'dry', group: 'other' };
    const season = (water: number): SeasonInput => {
      const plain = plainSeason({
        picks: [9],
        owned: 12,
        wanted: wantedIn([1, 2, 3, 4, 5], 12),
        week: { water }
      });
      return {
        ...plain,
        styles: [brined, dry],
        groups: [...plain.groups, { ...plain.groups[0]!, id: 'other' }]
      };
    };
    const made = async (water: number) => {
      const { plan } = last(await plansOf(season(water)));
      return (id: string) => plan.batches.reduce((a, b) => (b.styleId === id ? a + b.kg : a), 0);
    };
    const [much, little, none] = [await made(100), await made(2), await made(0)];
    expect(much('style')).toBeGreaterThan(2.5);
    expect(little('style')).toBeCloseTo(2, 6);
    expect(none('style')).toBe(0);
    // What makes its own brine takes its place.
    expect(none('dry')).toBeGreaterThan(much('dry'));
    expect(whatStops(season(0.5), { styleId: 'style', week: 0 })).toBe('water');
  });

  it('plans round what stands already: its jars are in use, it is eaten in its weeks', async () => {
    const input: SeasonInput = {
      ...plainSeason({ picks: [0, 2, 2], owned: 2, wanted: wantedIn([1, 2, 3, 4, 5], 5) }),
      standing: [{ styleId: PLAIN.id, kg: 1, ready: 1, jars: [{ sizeId: 'litre', n: 1 }] }],
      stored: [{ styleId: PLAIN.id, place: 'cold', kg: 0.5, last: 3, jars: [{ sizeId: 'litre', n: 1 }] }],
      opened: { [PLAIN.id]: 0.5 }
    };
    const { plan, facts } = last(await plansOf(input));
    // Both jars are full in week 1: what is picked then cannot be begun until one has been eaten empty.
    expect(plan.batches.map((b) => b.week)).toEqual([2]);
    expect(facts.jars['litre']!.slice(0, 3)).toEqual([2, 2, 2]);
    expect(facts.servings).toBeCloseTo(25, 6);
  });
});
