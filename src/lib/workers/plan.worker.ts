import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import {
  oneMore,
  otherwise,
  plainPlan,
  seasonPlans,
  summedUp,
  whyBatch,
  years,
  type LpSolver,
  type OneMore,
  type OtherYears,
  type PlannedBatch,
  type PlanSoFar,
  type SeasonInput,
  type SeasonPlan,
  type StartIn,
  type Year
} from '../core/season';
import { lpSolver } from './lp';

let loaded: Promise<LpSolver> | undefined;
const solver = () => (loaded ??= loadHighs({ locateFile: () => wasmUrl }).then(lpSolver));

// How long it looks goes by the machine's own clock: it has nothing to do with the household's.
// eslint-disable-next-line no-restricted-syntax
const seconds = (): number => performance.now() / 1000;

/** Every so many years it says how many have passed. */
const SAID_EVERY = 10;

/** A season's plans, each handed out as soon as it is found; and what is asked of one. */
const work = {
  async plans(
    input: SeasonInput,
    until: { seconds: number; proof: number; from: readonly StartIn[] },
    found: (plan: PlanSoFar) => void
  ): Promise<void> {
    // The first picture does not wait for the solver.
    found(plainPlan(input));
    const lp = await solver();
    const end = seconds() + until.seconds;
    const { proof, from } = until;
    for (const plan of seasonPlans(input, lp, { stop: () => seconds() > end, proof, from })) found(plan);
  },
  why: async (input: SeasonInput, plan: SeasonPlan, batch: number) => {
    const of: PlannedBatch | undefined = plan.batches[batch];
    return of ? whyBatch(input, await solver(), plan, of) : null;
  },
  otherwise: async (input: SeasonInput, plan: SeasonPlan, cropId: string) =>
    otherwise(input, await solver(), plan, cropId),
  years(input: SeasonInput, plan: SeasonPlan, count: number, passed: (n: number) => void): OtherYears {
    const all: Year[] = [];
    for (const year of years(input, plan)) {
      all.push(year);
      if (all.length % SAID_EVERY === 0) passed(all.length);
      if (all.length >= count) break;
    }
    return summedUp(all);
  },
  oneMore: async (input: SeasonInput, plan: SeasonPlan, what: OneMore) =>
    oneMore(input, await solver(), plan, what)
};
export type PlanWorker = typeof work;
expose(work);
