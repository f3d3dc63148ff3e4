import { checkPlan } from './check';
import { greedyPlan } from './greedy';
import type { Ends, LpSolver } from './lp';
import { isAmong, startOptions } from './options';
import { Search } from './search';
import type { SeasonInput, StartIn } from './types';
import { carriedOut, type Checked } from './whole';

export type { Checked } from './whole';

/** A plan on its way: the best so far, and what no plan can be better than. */
export interface PlanSoFar extends Checked {
  /** Points; `Infinity`: nobody knows yet. */
  readonly bound: number;
  readonly trials: number;
  /** Nothing that was tried made it better. */
  readonly settled: boolean;
}

/** When the search ends: after so many trials, or when it is told to. */
export interface Until {
  readonly trials?: number;
  readonly stop?: () => boolean;
  /** How long to look for what no plan can be better than, seconds; 0: not asked for. */
  readonly proof?: number;
  /** Starts to begin from, where there are some: an earlier plan of about this season. */
  readonly from?: readonly StartIn[];
}

/** A round that gains less than this share ends the search. */
const ROUND_GAIN = 0.0005;

/** A proof that is so close is one. */
const PROOF_GAP = 0.002;

/** Only sizes and meals, its jars rounded; and the best whole jars, looked for so long. */
const AT_ONCE = { seconds: 0, gap: 0 };
const JARS = { seconds: 2.5, gap: 0.001 };

const UNPROVEN = { bound: Infinity, trials: 0, settled: false };

/** The plain way, at once. */
export function plainPlan(input: SeasonInput): PlanSoFar {
  const plan = greedyPlan(input);
  return { plan, facts: checkPlan(input, plan).facts, ...UNPROVEN };
}

/**
 * Plans for a season, each better than the one before (or nearer to what is held by hand) and each passed by the checker: the plain way at once, its starts with
 * better sizes and meals, what the fractions choose, what search and proof find.
 */
export function* seasonPlans(input: SeasonInput, solver: LpSolver, until: Until = {}): Generator<PlanSoFar> {
  let best: Checked = plainPlan(input);
  const holds = ({ plan }: Checked) =>
    input.held.filter((h) => isAmong(plan.batches, h.styleId, h.week)).length;
  const better = (found: Checked | null, at: Omit<PlanSoFar, keyof Checked>): PlanSoFar[] => {
    const more = found === null ? -1 : holds(found) - holds(best);
    const isBetter = found !== null && (more > 0 || (more === 0 && found.facts.points > best.facts.points));
    if (isBetter) best = found;
    return isBetter || at.settled ? [{ ...best, ...at }] : [];
  };
  yield { ...best, ...UNPROVEN };
  // An earlier plan's starts, where there are some, then the plain way's.
  for (const from of [until.from ?? [], best.plan.batches].filter((f) => f.length > 0)) {
    const starts = startOptions(input).filter(({ style, week }) =>
      isAmong([...from, ...input.held], style.id, week)
    );
    yield* better(carriedOut(input, solver, starts, AT_ONCE), UNPROVEN);
  }
  const search = new Search(input, solver);
  const over = () => (until.stop?.() ?? false) || search.trials >= (until.trials ?? Infinity);
  const chosen = (ends: Ends | null, settled = false) =>
    better(ends && carriedOut(input, solver, search.chosen(), ends), {
      ...{ bound: search.bound, trials: search.trials, settled }
    });
  try {
    search.dive();
    search.goBackTo(best.plan.batches);
    yield* chosen(AT_ONCE);
    for (let before = -Infinity; !over() && search.value > before + ROUND_GAIN * Math.abs(search.value);) {
      before = search.value;
      search.round(over);
    }
    yield* chosen(JARS, !until.proof);
    if (!until.proof) return;
    const isOther = search.proven(best.plan, { seconds: until.proof, gap: PROOF_GAP, onlyBound: true });
    yield* chosen(isOther ? JARS : null, true);
  } finally {
    search.close();
  }
}
