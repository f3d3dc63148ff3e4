import { describe, expect, it } from 'vitest';
import {
  oneMore,
  seasonPlans,
  usedUp,
  type OneMore,
  type PlanSoFar,
  type SeasonInput,
  type Worth
} from '$lib/core/season';
import { oneMoreSays } from '$lib/words';
import { plainSeason, solver, wantedIn } from '../../support/season';

/** The last plan of a search that is left to its end. */
async function planned(input: SeasonInput): Promise<PlanSoFar> {
  let best: PlanSoFar | undefined;
  for (const plan of seasonPlans(input, await solver(), { trials: 500 })) best = plan;
  return best!;
}
const jars = ({ plan }: PlanSoFar) => plan.batches.map((b) => [b.week, b.jars.reduce((a, j) => a + j.n, 0)]);

/** Vectors worked by hand; the model's section 12. */
const says = (what: OneMore, worth: Worth) =>
  oneMoreSays(
    what,
    worth,
    { mass: (g) => `${g} g`, volume: (ml) => `${ml / 1000} l`, week: String },
    (id) => `${id} jar`
  );

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
    const jar = { is: 'jar', sizeId: 'litre' } as const;
    expect(usedUp(season(1), one.plan, one.facts)).toEqual([jar]);
    // With its starts as they are, one more jar brings less than where all is laid out anew.
    const worth = oneMore(season(1), await solver(), one.plan, jar)!;
    expect(worth.points).toBeGreaterThanOrEqual(0);
    expect(worth.points).toBeLessThanOrEqual(8.65);
    const two = await planned(season(2));
    expect(two.facts.points).toBeCloseTo(19.95, 6);
  });

  it('C: the cold takes two jars; half as much room again brings 7.7', async () => {
    const season = (cold: number) =>
      plainSeason({ picks: [4], owned: 9, wanted: wantedIn([1, 2, 3, 4], 10), week: { cold } });
    const tight = await planned(season(3));
    expect(tight.facts.points).toBeCloseTo(22.05, 6);
    // What is used up is the cold, and its price is what it brings.
    const used = usedUp(season(3), tight.plan, tight.facts);
    expect(used).toEqual([{ is: 'room', place: 'cold' }]);
    const worth = oneMore(season(3), await solver(), tight.plan, used[0]!)!;
    expect(worth.points).toBeCloseTo(7.7, 6);
    expect(worth.missed).toBeCloseTo(10, 6);
    expect(says(used[0]!, worth)).toBe(
      '10 l more in the cold would keep about 1000 g from rotting and bring 10 servings to the table.'
    );
    expect((await planned(season(4.5))).facts.points).toBeCloseTo(29.75, 6);
  });

  it('bottles that are all filled have a price', async () => {
    // Wanted in two weeks to come, a kilo in each; two litres of bottles take one.
    const season = (bottles: number): SeasonInput => {
      const plain = plainSeason({ picks: [4], owned: 9, wanted: wantedIn([3, 4], 10) });
      return {
        ...plain,
        bottles,
        styles: plain.styles.map((s) => ({ ...s, bottled: true, kgPerLitre: 0.5 }))
      };
    };
    const short = season(2);
    const { plan, facts } = await planned(short);
    expect(plan.batches[0]!.kg).toBeCloseTo(1, 6);
    expect(Math.max(...facts.bottles)).toBeCloseTo(2, 6);
    expect(usedUp(short, plan, facts)).toEqual([{ is: 'bottles' }]);
    const worth = oneMore(short, await solver(), plan, { is: 'bottles' })!;
    expect(worth.missed).toBeCloseTo(5, 6);
    expect(says({ is: 'bottles' }, worth)).toMatch(/^1 l more in bottles would keep about \d/);
    expect((await planned(season(4))).plan.batches[0]!.kg).toBeCloseTo(2, 6);
  });

  it('hours and water that are used up have a price, too', async () => {
    const input = (week: Partial<SeasonInput['weeks'][number]>) => {
      const plain = plainSeason({ picks: [6], owned: 9, wanted: wantedIn([1, 2, 3, 4, 5, 6], 10), week });
      return { ...plain, styles: plain.styles.map((s) => ({ ...s, waterPerKg: 1 })) };
    };
    // Two kilos take 0.5 h and 0.2 h each; an hour more makes two of what rots.
    for (const [short, what] of [
      [input({ hours: 0.9 }), { is: 'hour' }],
      [input({ water: 2 }), { is: 'water' }]
    ] as const) {
      const { plan, facts } = await planned(short);
      expect(plan.batches[0]!.kg).toBeCloseTo(2, 6);
      expect(usedUp(short, plan, facts)).toEqual([what]);
      const worth = oneMore(short, await solver(), plan, what)!;
      expect(worth.rotsKg).toBeGreaterThan(1.9);
      expect(says(what, worth)).toMatch(
        /^(An hour more|5 l more water for brine) in every week would keep about \d/
      );
    }
  });
});
