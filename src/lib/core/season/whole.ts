import { checkPlan, type PlanFacts } from './check';
import type { Ends, Entry, LpSolver, OpenLp, Solved, SolvedWhole } from './lp';
import { seasonModel } from './model';
import type { Model, StartColumns } from './model-types';
import { planOf } from './plan';
import { isAmong, type StartOption } from './options';
import type { SeasonInput, SeasonPlan } from './types';

/** A plan that passed the checker, and what it comes to. */
export interface Checked {
  readonly plan: SeasonPlan;
  readonly facts: PlanFacts;
}

/**
 * Carries starts out in whole jars in the firm weeks: rounded week by week; then, where there is time for it, in whole numbers at
 * once. Null: nothing that the checker lets pass came of it.
 */
export function carriedOut(
  input: SeasonInput,
  solver: LpSolver,
  starts: readonly StartOption[],
  ends: Ends
): Checked | null {
  const model = seasonModel(input, starts);
  const lp = solver.open(model.lp);
  try {
    const rounded = roundedJars(input, model, lp);
    const solved = ends.seconds > 0 ? wholeJars(input, model, lp, rounded, ends) : null;
    const best = [rounded, solved].filter((s) => s !== null).sort((a, b) => b.value - a.value)[0];
    if (!best) return null;
    const plan = planOf(input, model, best.x);
    const { faults, facts } = checkPlan(input, plan);
    return faults.length === 0 ? { plan, facts } : null;
  } finally {
    lp.close();
  }
}

/**
 * In whole numbers at once: which starts of the firm weeks are made, and in which jars. The later ones are all made, as they were
 * chosen in fractions: so few numbers are left that the best of them is found in a second. Where that cannot be, all are free.
 */
function wholeJars(
  input: SeasonInput,
  model: Model,
  lp: OpenLp,
  rounded: Solved | null,
  ends: Ends
): SolvedWhole | null {
  const all = model.lp.cost.map((_, i) => i);
  const isMade = ({ made }: StartColumns) => (rounded?.x[made] ?? 0) > 0.5;
  const from = rounded ? all.map((c): Entry => [c, rounded.x[c]!]) : [];
  const { starts } = model;
  const held = starts.filter((s) => isAmong(input.held, s.option.style.id, s.option.week) && isMade(s));
  const later = starts.filter((s) => s.option.week >= input.firmWeeks);
  const best = (made: readonly StartColumns[]) => {
    const columns = made.map((s) => s.made);
    const ones = columns.map(() => 1);
    lp.bound(all, model.lp.lower, model.lp.upper);
    lp.bound(columns, ones, ones);
    return lp.whole(made.every(isMade) ? from : [], ends);
  };
  return best([...held, ...later]) ?? best(held);
}

/**
 * Week by week: what came back is rounded down, then start by start made as far as it can be, in the firm weeks in the nearest
 * whole jars that go, else fewer; what cannot be is left out.
 */
function roundedJars({ firmWeeks, weeks }: SeasonInput, model: Model, lp: OpenLp): Solved | null {
  let now = lp.relaxed();
  for (let week = 0; week < weeks.length && now; week++) {
    const back = model.back.filter((b) => b.week === week - 1 && b.week < firmWeeks).map((b) => b.column);
    const down = back.map((c) => Math.floor(now!.x[c]! + 1e-6));
    lp.bound(back, down, down);
    if (back.length > 0) now = lp.relaxed();
    for (const start of model.starts.filter((s) => s.option.week === week))
      now = now && roundedStart(start, lp, week < firmWeeks);
  }
  return now;
}

/** One start, made in whole jars where they are firm; left out where that cannot be. */
function roundedStart({ made, jars }: StartColumns, lp: OpenLp, firm: boolean): Solved | null {
  const columns = jars.map((j) => j.column);
  lp.bound([made], [1], [1]);
  const some = lp.relaxed();
  if (some && !firm) return some;
  for (const whole of some ? [Math.round, (n: number) => Math.floor(n + 1e-6)] : []) {
    const to = columns.map((c) => whole(some!.x[c]!));
    lp.bound(columns, to, to);
    const solved = lp.relaxed();
    if (solved) return solved;
  }
  const none = columns.map(() => 0);
  lp.bound([...columns, made], [...none, 0], [...none, 0]);
  return lp.relaxed();
}
