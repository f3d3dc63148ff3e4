import { expect, it } from 'vitest';
import {
  dearInWinter,
  evolveSaid,
  NOTHING_SAID,
  pointsFor,
  seasonIf,
  seasonPlans,
  USUAL_POINTS,
  withMatter,
  type Mattering,
  type PlanFacts,
  type SeasonInput
} from '$lib/core/season';
import { HOUSEHOLD, someSeason, solver } from '../../support/season';

const SMALLER = { ...HOUSEHOLD, crops: 6, styles: 5, picked: 12, weeks: 24 };

it('as usual nothing is worth otherwise, and what is said moves only its own', () => {
  expect(pointsFor({})).toEqual(USUAL_POINTS);
  expect(pointsFor({ waste: 'more' })).toEqual({ ...USUAL_POINTS, lost: 8, thrown: 12 });
  expect(pointsFor({ work: 'less' })).toEqual({ ...USUAL_POINTS, hour: 0.375, overtime: 1, batch: 0.075 });
  expect(pointsFor({ variety: 'more' })).toEqual({ ...USUAL_POINTS, made: 12 });
  expect(pointsFor({ winter: 'more' })).toEqual(USUAL_POINTS);
  expect(
    ['2026-11-30', '2026-12-07', '2027-03-29', '2027-04-05'].map((d) => dearInWinter({ winter: 'more' }, d))
  ).toEqual([1, 1.4, 1.4, 1]);
  expect(dearInWinter({}, '2027-01-04')).toBe(1);
});

it('what is said as usual is not kept', () => {
  const more: Mattering = withMatter({ work: 'less' }, 'waste', 'more');
  expect(more).toEqual({ work: 'less', waste: 'more' });
  expect(withMatter(more, 'work', 'usual')).toEqual({ waste: 'more' });
  const said = evolveSaid(NOTHING_SAID, { type: 'matterSaid', data: { matter: 'winter', how: 'less' } });
  expect(said.matters).toEqual({ winter: 'less' });
});

it('where work matters more, less is worked; where waste does, no more rots', async () => {
  const input = someSeason(5, SMALLER);
  const comes = async (matters: Mattering): Promise<PlanFacts> => {
    const season: SeasonInput = { ...input, points: pointsFor(matters) };
    let facts: PlanFacts | null = null;
    for (const better of seasonPlans(season, await solver(), { trials: 12 })) facts = better.facts;
    return facts!;
  };
  const sum = (of: readonly number[]) => of.reduce((a, n) => a + n, 0);
  const rots = (f: PlanFacts) => f.thrownKg + f.lost.reduce((a, l) => a + l.kg, 0);
  const [lazy, eager] = [await comes({ work: 'more' }), await comes({ work: 'less' })];
  expect(sum(lazy.hours)).toBeLessThan(sum(eager.hours));
  expect(rots(await comes({ waste: 'more' }))).toBeLessThanOrEqual(
    rots(await comes({ waste: 'less' })) + 0.1
  );
});

it('an early frost ends what is tender three weeks sooner, never this week, and spares the rest', () => {
  const input = someSeason(1, SMALLER);
  const picks = [5, 5, 5, 5, 5, 5];
  const [one, two, three] = input.crops;
  const crops = [
    { ...one!, picks, frost: 5 },
    { ...two!, picks, frost: 1 },
    { ...three!, picks }
  ];
  const then = seasonIf({ ...input, crops }, { is: 'early-frost' }).crops.map((c) => c.picks);
  expect(then).toEqual([[5, 5, 5, 0, 0, 0], [5, 0, 0, 0, 0, 0], picks]);
});
