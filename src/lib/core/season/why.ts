import type { PlanFacts } from './check';
import type { LpSolver } from './lp';
import { startOptions } from './options';
import type { PlannedBatch, SeasonInput, SeasonPlan } from './types';
import { carriedOut } from './whole';

/** What a season comes to without something, against with it: kg that rot more, servings missed more, and the first week of those. */
export interface Worth {
  readonly points: number;
  readonly rotsKg: number;
  readonly missed: number;
  readonly missedFrom: number | null;
}

const lostOf = (f: PlanFacts): number => f.thrownKg + f.lost.reduce((a, l) => a + l.kg, 0);

/** A week in which so many servings more are missed is one that misses them. */
const MISSES = 0.5;

/** How much worse one is than the other. */
export function worthOf(with_: PlanFacts, without: PlanFacts): Worth {
  const by = (f: PlanFacts) => {
    const weeks = new Map<number, number>();
    for (const m of f.missed) weeks.set(m.week, (weeks.get(m.week) ?? 0) + m.servings);
    return weeks;
  };
  const [a, b] = [by(with_), by(without)];
  const more = [...b].filter(([week, n]) => n - (a.get(week) ?? 0) > MISSES).map(([week]) => week);
  return {
    points: with_.points - without.points,
    rotsKg: lostOf(without) - lostOf(with_),
    missed: with_.servings - without.servings,
    missedFrom: more.length > 0 ? Math.min(...more) : null
  };
}

const sizesAndMeals = { seconds: 0, gap: 0 };
const startsOf = (input: SeasonInput, plan: SeasonPlan, but?: PlannedBatch) =>
  startOptions(input).filter((o) =>
    plan.batches.some((b) => b !== but && b.styleId === o.style.id && b.week === o.week)
  );

/** Why a batch: all other starts held, what is lost without it. Null: it could not be said. */
export function whyBatch(
  input: SeasonInput,
  solver: LpSolver,
  plan: SeasonPlan,
  batch: PlannedBatch
): Worth | null {
  const with_ = carriedOut(input, solver, startsOf(input, plan), sizesAndMeals);
  const without = carriedOut(input, solver, startsOf(input, plan, batch), sizesAndMeals);
  return with_ && without ? worthOf(with_.facts, without.facts) : null;
}

/** What one more jar of a size would bring at least: all starts held. */
export function oneMoreJar(
  input: SeasonInput,
  solver: LpSolver,
  plan: SeasonPlan,
  sizeId: string
): Worth | null {
  const starts = startsOf(input, plan);
  const sizes = input.sizes.map((j) => (j.id === sizeId ? { ...j, owned: j.owned + 1 } : j));
  const now = carriedOut(input, solver, starts, sizesAndMeals);
  const more = carriedOut({ ...input, sizes }, solver, startsOf({ ...input, sizes }, plan), sizesAndMeals);
  return now && more ? worthOf(more.facts, now.facts) : null;
}
