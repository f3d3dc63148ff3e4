import { checkPlan, type PlanFacts } from './check';
import type { LpSolver, OpenLp, Solved } from './lp';
import { seasonModel } from './model';
import type { Model } from './model-types';
import { planOf } from './plan';
import type { StartOption } from './options';
import type { SeasonInput, SeasonPlan } from './types';

/** A plan that passed the checker, and what it comes to. */
export interface Checked {
  readonly plan: SeasonPlan;
  readonly facts: PlanFacts;
}

/** So long and so close for the jars of the firm weeks. */
const JARS = { seconds: 2, gap: 0.001 };

/**
 * Carries starts out in whole jars in the firm weeks: rounded week by week, then bettered in whole numbers from there.
 * Null: nothing that the checker lets pass came of it.
 */
export function carriedOut(
  input: SeasonInput,
  solver: LpSolver,
  starts: readonly StartOption[],
  ends = JARS
): Checked | null {
  const model = seasonModel(input, starts);
  const lp = solver.open(model.lp);
  try {
    const rounded = roundedJars(input, model, lp);
    const all = model.lp.cost.map((_, i) => i);
    lp.bound(all, model.lp.lower, model.lp.upper);
    const solved = ends.seconds > 0 ? lp.whole(rounded?.x ?? null, ends) : null;
    const best = [rounded, solved].filter((s) => s !== null).sort((a, b) => b.value - a.value)[0];
    if (!best) return null;
    const plan = planOf(input, model, best.x);
    const { faults, facts } = checkPlan(input, plan);
    return faults.length === 0 ? { plan, facts } : null;
  } finally {
    lp.close();
  }
}

/** Start by start, to the nearest whole jars that go, else down, else it is left out; those that came back till then, down. */
function roundedJars({ firmWeeks }: SeasonInput, model: Model, lp: OpenLp): Solved | null {
  const made = model.starts.map((s) => s.made);
  const all = (n: number) => made.map(() => n);
  lp.bound(made, all(1), all(1));
  let now = lp.relaxed();
  if (!now) {
    lp.bound(made, all(0), all(1));
    now = lp.relaxed();
  }
  for (let week = 0; week < firmWeeks && now; week++) now = roundedWeek(model, lp, now, week);
  return now;
}

function roundedWeek(model: Model, lp: OpenLp, before: Solved, week: number): Solved {
  let now = before;
  const back = model.back.filter((b) => b.week === week - 1).map((b) => b.column);
  const down = back.map((c) => Math.floor(before.x[c]! + 1e-6));
  const none = back.map(() => 0);
  lp.bound(back, none, down);
  for (const start of model.starts.filter((s) => s.option.week === week)) {
    const jars = start.jars.map((j) => j.column);
    const tries = (to: readonly number[], made: number): boolean => {
      lp.bound([...jars, start.made], [...to, made], [...to, made]);
      const solved = lp.relaxed();
      if (solved) now = solved;
      return solved !== null;
    };
    const at = jars.map((c) => now.x[c]!);
    if (tries(at.map(Math.round), 1)) continue;
    if (
      !tries(
        at.map((n) => Math.floor(n + 1e-6)),
        1
      )
    )
      tries(
        at.map(() => 0),
        0
      );
  }
  return now;
}
