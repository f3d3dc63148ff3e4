import { describe, expect, it } from 'vitest';
import {
  checkPlan,
  lineOf,
  seasonIf,
  seasonPlans,
  startOptions,
  whatStops,
  type PlanSoFar,
  type SeasonInput
} from '$lib/core/season';
import { SMALL, someSeason, solver } from '../../support/season';

const TRIALS = 15;
/** Few enough weeks that a plan takes no time. */
const TINY = { ...SMALL, crops: 3, styles: 3, picked: 6, weeks: 14 };
async function planned(input: SeasonInput): Promise<PlanSoFar> {
  let last: PlanSoFar | undefined;
  for (const plan of seasonPlans(input, await solver(), { trials: TRIALS })) {
    expect(checkPlan(input, plan.plan).faults).toEqual([]);
    last = plan;
  }
  return last!;
}
const has = ({ plan }: PlanSoFar, styleId: string, week: number) =>
  plan.batches.some((b) => b.styleId === styleId && b.week === week);

describe('said by hand', () => {
  const input = someSeason(3, TINY);
  it('what is barred is never begun then, and what is held is; neither is better than a free plan’s bound', async () => {
    const free = await planned(input);
    const { styleId, week } = free.plan.batches[0]!;
    const without = await planned({ ...input, barred: [{ styleId, week }] });
    expect(has(without, styleId, week)).toBe(false);
    expect(without.facts.points).toBeLessThanOrEqual(free.bound + 1e-6);
    const other = startOptions(input).find((o) => !has(free, o.style.id, o.week))!;
    const held = { styleId: other.style.id, week: other.week };
    const with_ = await planned({ ...input, held: [held] });
    expect(has(with_, held.styleId, held.week)).toBe(true);
    expect(with_.facts.points).toBeLessThanOrEqual(free.bound + 1e-6);
  });
  it('what cannot be held to is let go, and why is said', async () => {
    const away = { ...input, weeks: input.weeks.map((w, t) => (t === 2 ? { ...w, away: true } : w)) };
    const held = { styleId: input.styles[0]!.id, week: 2 };
    expect(has(await planned({ ...away, held: [held] }), held.styleId, 2)).toBe(false);
    expect(whatStops(away, held)).toBe('away');
  });
});

describe('what stops a start', () => {
  const input = someSeason(3, TINY);
  const one = startOptions(input)[0]!;
  const at = { styleId: one.style.id, week: one.week };
  const weeks = (change: Partial<SeasonInput['weeks'][number]>) =>
    whatStops({ ...input, weeks: input.weeks.map((w) => ({ ...w, ...change })) }, at);
  it('is named by what there is not enough of', () => {
    expect(whatStops(input, at)).toBe('others');
    expect(weeks({ away: true })).toBe('away');
    expect(weeks({ cold: 0, cellar: 0 })).toBe('store');
    expect(weeks({ counter: 0 })).toBe('counter');
    expect(weeks({ hours: one.style.hours.fixed / 2 })).toBe('hands');
    expect(whatStops({ ...input, sizes: input.sizes.map((j) => ({ ...j, owned: 0 })) }, at)).toBe('jars');
    const bare = input.crops.map((c) => ({ ...c, lots: [], picks: c.picks.map(() => 0) }));
    expect(whatStops({ ...input, crops: bare }, at)).toBe('produce');
  });
});

describe('another season beside this one', () => {
  const input = someSeason(5, TINY);
  it('changes only what it says', () => {
    const away = { ...input, weeks: input.weeks.map((w) => ({ ...w, away: true })) };
    expect(seasonIf(away, { is: 'nobody-away' }).weeks.some((w) => w.away)).toBe(false);
    expect(seasonIf(input, { is: 'more-cold' }).weeks[0]!.cold).toBe(input.weeks[0]!.cold + 20);
    const hands = seasonIf(input, { is: 'more-hands' }).weeks[0]!;
    expect(hands.hours).toBeCloseTo(1.5 * input.weeks[0]!.hours, 9);
    const { id } = input.sizes[0]!;
    const jars = seasonIf(input, { is: 'more-jars', sizeId: id }).sizes;
    expect(jars.map((j, i) => j.owned - input.sizes[i]!.owned)).toEqual([
      2,
      ...input.sizes.slice(1).map(() => 0)
    ]);
    const sum = (s: SeasonInput) => s.crops.reduce((a, c) => a + c.picks.reduce((b, kg) => b + kg, 0), 0);
    expect(sum(seasonIf(input, { is: 'fewer-picks' }))).toBeCloseTo(0.7 * sum(input), 6);
    expect(sum(seasonIf(input, { is: 'more-picks' }))).toBeCloseTo(1.3 * sum(input), 6);
    expect(seasonIf(input, { is: 'more-picks' }).crops[0]!.lots).toEqual(input.crops[0]!.lots);
  });
  it('is a line of figures', async () => {
    const { plan, facts } = await planned(input);
    const line = lineOf(plan.batches.length, facts);
    expect(line.batches).toBe(plan.batches.length);
    expect(line.hours).toBeCloseTo(
      facts.hours.reduce((a, h) => a + h, 0),
      9
    );
    expect(line.missed + line.servings).toBeCloseTo(
      input.groups.reduce((a, g) => a + g.wanted.reduce((b, n) => b + n, 0), 0),
      3
    );
  });
});
