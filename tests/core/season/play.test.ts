import { describe, expect, it } from 'vitest';
import {
  checkPlan,
  greedyPlan,
  otherYear,
  played,
  seasonPlans,
  summedUp,
  years,
  type Year,
  type SeasonInput,
  type SeasonPlan
} from '$lib/core/season';
import { gaussian } from '$lib/core/quantity';
import { HOUSEHOLD, SMALL, someSeason, solver } from '../../support/season';

const SMALLER = { ...HOUSEHOLD, crops: 8, styles: 6, picked: 16, weeks: 30 };

async function planned(input: SeasonInput): Promise<SeasonPlan> {
  let plan = greedyPlan(input);
  for (const better of seasonPlans(input, await solver(), { trials: 10 })) plan = better.plan;
  return plan;
}

describe('a plan played through other years', () => {
  it.each([1, 2, 3])('breaks no rule, whatever the weather: season %i', (seed) => {
    const input = someSeason(seed, HOUSEHOLD);
    const plan = greedyPlan(input);
    const normal = gaussian(seed);
    for (let i = 0; i < 5; i++) {
      const year = otherYear(input, normal);
      expect(checkPlan(year, played(year, plan)).faults).toEqual([]);
    }
  });

  it('with picks as expected it comes to nearly what was planned, and to more than the plain way', async () => {
    const input = someSeason(3, SMALLER);
    const plan = await planned(input);
    const points = (of: SeasonPlan) => checkPlan(input, of).facts.points;
    const comes = points(played(input, plan));
    expect(checkPlan(input, played(input, plan)).faults).toEqual([]);
    expect(comes).toBeGreaterThan(0.93 * points(plan));
    expect(comes).toBeGreaterThan(points(greedyPlan(input)));
  });

  it('over thirty years a plan made once is worth more than going week by week', async () => {
    const input = someSeason(3, SMALLER);
    const plan = await planned(input);
    const normal = gaussian(7);
    let [with_, plain] = [0, 0];
    for (let i = 0; i < 30; i++) {
      const year = otherYear(input, normal);
      with_ += checkPlan(year, played(year, plan)).facts.points;
      plain += checkPlan(year, greedyPlan(year)).facts.points;
    }
    expect(with_).toBeGreaterThan(plain);
  });

  it('other years are as many good ones as bad; the same seed gives the same', () => {
    const input = someSeason(2, SMALL);
    const all = (of: SeasonInput) => of.crops.flatMap((c) => c.picks).reduce((a, kg) => a + kg, 0);
    const normal = gaussian(1);
    const seen = Array.from({ length: 400 }, () => all(otherYear(input, normal))).sort((a, b) => a - b);
    // The mean of a lognormal lies over its median; a year's picks are sums of such weeks.
    const mean = seen.reduce((a, x) => a + x, 0) / seen.length / all(input);
    expect(mean).toBeGreaterThan(1.05);
    expect(mean).toBeLessThan(1.3);
    const plan = greedyPlan(input);
    const first = (seed: number) => years(input, plan, seed).next().value;
    expect(first(3)).toEqual(first(3));
    expect(first(3)).not.toEqual(first(4));
    const some: Year[] = [];
    for (const year of years(input, plan, 5)) if (some.push(year) >= 40) break;
    const { n, servings, rotsKg, full } = summedUp(some);
    expect(n).toBe(40);
    for (const b of [servings, rotsKg]) {
      expect(b.low).toBeLessThanOrEqual(b.middle);
      expect(b.middle).toBeLessThanOrEqual(b.high);
    }
    expect(servings.low).toBeLessThan(servings.high);
    for (const f of full) expect(f.share).toBe(some.filter((y) => y.full.includes(f.id)).length / n);
  });
});
