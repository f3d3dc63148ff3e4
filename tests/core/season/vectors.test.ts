import { describe, expect, it } from 'vitest';
import { seasonPlans, type PlanSoFar, type SeasonInput } from '$lib/core/season';
import { plainSeason, solver, wantedIn } from '../../support/season';

/** The last plan of a search that is left to its end. */
async function planned(input: SeasonInput): Promise<PlanSoFar> {
  let best: PlanSoFar | undefined;
  for (const plan of seasonPlans(input, await solver(), { trials: 500 })) best = plan;
  return best!;
}
const jars = ({ plan }: PlanSoFar) => plan.batches.map((b) => [b.week, b.jars.reduce((a, j) => a + j.n, 0)]);

/** Vectors worked by hand; the model's section 12. */
describe('a season worked by hand', () => {
  it('A: two jars of three kilos, one eaten fresh', async () => {
    const a = await planned(
      plainSeason({ picks: [3], owned: 5, fresh: 1, wanted: wantedIn([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], 2) })
    );
    expect(a.facts.points).toBeCloseTo(15.85, 6);
    expect(jars(a)).toEqual([[0, 2]]);
  });

  it('B: one jar is back only when it has been eaten empty; a second one brings 8.65', async () => {
    const season = (owned: number) =>
      plainSeason({ picks: [1, 1, 1], owned, wanted: wantedIn([1, 2, 3], 10) });
    const one = await planned(season(1));
    expect(one.facts.points).toBeCloseTo(11.3, 6);
    expect(jars(one)).toEqual([
      [0, 1],
      [2, 1]
    ]);
    const two = await planned(season(2));
    expect(two.facts.points).toBeCloseTo(19.95, 6);
  });

  it('C: the cold takes two jars; half as much room again brings 7.7', async () => {
    const season = (cold: number) =>
      plainSeason({ picks: [4], owned: 9, wanted: wantedIn([1, 2, 3, 4], 10), week: { cold } });
    expect((await planned(season(3))).facts.points).toBeCloseTo(22.05, 6);
    expect((await planned(season(4.5))).facts.points).toBeCloseTo(29.75, 6);
  });
});
