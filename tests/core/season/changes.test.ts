import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
  checkPlan,
  seasonPlans,
  startOptions,
  USUAL_POINTS,
  type PlanSoFar,
  type SeasonInput,
  type StartIn
} from '$lib/core/season';
import { changedPoints } from '$lib/core/season/check-changes';
import { seasonModel } from '$lib/core/season/model';
import { plainSeason, SMALL, someSeason, solver, wantedIn } from '../../support/season';

const at = (styleId: string, ...weeks: number[]): StartIn[] => weeks.map((week) => ({ styleId, week }));
const costs = (earlier: StartIn[], batches: StartIn[]) =>
  changedPoints({ earlier, points: USUAL_POINTS }, batches);
const plans = async (input: SeasonInput, trials = 40): Promise<PlanSoFar[]> => [
  ...seasonPlans(input, await solver(), { trials })
];
const last = (all: readonly PlanSoFar[]) => all[all.length - 1]!;

describe('another plan than the one that was kept', () => {
  // Model of the season's plan, §7: 8 points in the next two weeks, 4 to week six, 1.3 later; moved by a week, a third.
  it('costs by the week of what is dropped and what is new', () => {
    expect(costs(at('a', 0, 5), at('a', 0, 5))).toBe(0);
    expect(costs(at('a', 0, 5), at('a', 5))).toBe(8);
    expect(costs(at('a', 3), at('b', 3))).toBe(8);
    expect(costs(at('a', 7), [])).toBeCloseTo(1.3, 9);
    // Before its first start and after its last it said nothing.
    expect(costs(at('a', 1), at('a', 4, 1))).toBe(0);
    expect(costs(at('a', 3), at('a', 1, 3))).toBe(0);
    expect(costs(at('a', 1, 5), at('a', 4, 1))).toBeCloseTo(8 / 3, 9);
    expect(costs(at('a', 3), at('a', 2, 4))).toBeCloseTo(4 / 3, 9);
    expect(costs([...at('a', 3), ...at('b', 2, 5)], at('a', 4))).toBeCloseTo(8 + 8 / 3, 9);
    expect(costs([], at('a', 2))).toBe(0);
    // Each of many moved by a week, and a chain in which one is short of a place to go to.
    const weeks = Array.from({ length: 30 }, (_, i) => 3 * i);
    const moved = weeks.map((w) => w + 1);
    // Two and two of the first weeks; the last of the new ones lies behind what was kept.
    expect(costs(at('a', ...weeks), at('a', ...moved))).toBeCloseTo((24 + 55 * 1.3) / 3, 9);
    expect(costs(at('a', 6, 8, 10), at('a', 7, 9))).toBeCloseTo((2 * 1.3 * 2) / 3 + 1.3, 9);
  });

  it('costs as much in the programme as in plain arithmetic', async () => {
    const lp = await solver();
    const input = someSeason(3, SMALL);
    const options = startOptions(input);
    const few = fc.uniqueArray(fc.integer({ min: 0, max: options.length - 1 }), { maxLength: 6 });
    fc.assert(
      fc.property(few, few, (was, is) => {
        const earlier = was.map((i) => ({ styleId: options[i]!.style.id, week: options[i]!.week }));
        const worth = (of: SeasonInput) => {
          const model = seasonModel(of, options);
          const open = lp.open(model.lp);
          const made = model.starts.map((s) => s.made);
          const to = options.map((_, i) => (is.includes(i) ? 1 : 0));
          open.bound(made, to, to);
          const solved = open.relaxed();
          open.close();
          return solved?.value ?? null;
        };
        const [free, bound] = [worth(input), worth({ ...input, earlier })];
        if (free === null || bound === null) return free === bound;
        const begun = is.map((i) => ({ styleId: options[i]!.style.id, week: options[i]!.week }));
        return Math.abs(free - bound - changedPoints({ earlier, points: input.points }, begun)) < 1e-5;
      }),
      { numRuns: 40 }
    );
  }, 60_000);

  it('is not made for a little: with picks five in a hundred off, what was kept is begun', async () => {
    const input = someSeason(2, SMALL);
    const before = last(await plans(input)).plan.batches.filter((b) => b.week < input.firmWeeks);
    expect(before.length).toBeGreaterThan(2);
    const off: SeasonInput = {
      ...input,
      crops: input.crops.map((c, i) => ({ ...c, picks: c.picks.map((kg) => kg * (i % 2 ? 1.05 : 0.95)) }))
    };
    const earlier = before.map(({ styleId, week }) => ({ styleId, week }));
    const kept = last(await plans({ ...off, earlier }));
    const free = last(await plans(off));
    const stays = (of: PlanSoFar) =>
      earlier.filter((e) => of.plan.batches.some((b) => b.styleId === e.styleId && b.week === e.week)).length;
    expect(stays(kept)).toBeGreaterThanOrEqual(stays(free));
    expect(stays(kept)).toBeGreaterThanOrEqual(earlier.length - 1);
    // What that costs beside the best: little.
    const alone = checkPlan(off, kept.plan).facts.points;
    expect(alone).toBeGreaterThan(0.97 * free.facts.points);
  }, 60_000);

  it('is made where it gains: what cannot be begun any more is let go', async () => {
    const input = plainSeason({ picks: [3, 0, 2], owned: 5, wanted: wantedIn([1, 2, 3, 4, 5], 6) });
    const { plan, facts } = last(await plans({ ...input, earlier: at('style', 1) }));
    expect(plan.batches.map((b) => b.week)).not.toContain(1);
    expect(plan.batches.length).toBeGreaterThan(0);
    expect(facts.points).toBeLessThan(last(await plans(input)).facts.points);
  });

  it('where this device has seen no plan, it begins by the plain way', async () => {
    const input = someSeason(4, SMALL);
    for (const { plan } of seasonPlans(input, await solver(), { trials: 0, from: [] }))
      expect(plan.batches.length).toBeGreaterThan(0);
  });

  it('begins from an earlier plan at once, and is no worse for it at last', async () => {
    const input = someSeason(4, SMALL);
    const found = last(await plans(input));
    const again = [...seasonPlans(input, await solver(), { trials: 0, from: found.plan.batches })];
    // The first after the plain way is that plan's starts with new sizes and meals.
    expect(again[1]!.facts.points).toBeGreaterThan(0.95 * found.facts.points);
    expect(again[1]!.facts.points).toBeGreaterThan(again[0]!.facts.points);
  }, 60_000);
});
