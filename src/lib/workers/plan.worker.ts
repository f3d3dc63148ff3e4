import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import {
  oneMoreJar,
  plainPlan,
  seasonPlans,
  whyBatch,
  type LpSolver,
  type PlannedBatch,
  type PlanSoFar,
  type SeasonInput,
  type SeasonPlan
} from '../core/season';
import { lpSolver } from './lp';

let loaded: Promise<LpSolver> | undefined;
const solver = () => (loaded ??= loadHighs({ locateFile: () => wasmUrl }).then(lpSolver));

// How long it looks goes by the machine's own clock: it has nothing to do with the household's.
// eslint-disable-next-line no-restricted-syntax
const seconds = (): number => performance.now() / 1000;

/** A season's plans, each handed out as soon as it is found; and what is asked of one. */
const work = {
  async plans(
    input: SeasonInput,
    until: { seconds: number; proof: number },
    found: (plan: PlanSoFar) => void
  ): Promise<void> {
    // The first picture does not wait for the solver.
    found(plainPlan(input));
    const lp = await solver();
    const end = seconds() + until.seconds;
    for (const plan of seasonPlans(input, lp, { stop: () => seconds() > end, proof: until.proof }))
      found(plan);
  },
  why: async (input: SeasonInput, plan: SeasonPlan, batch: number) => {
    const of: PlannedBatch | undefined = plan.batches[batch];
    return of ? whyBatch(input, await solver(), plan, of) : null;
  },
  moreJars: async (input: SeasonInput, plan: SeasonPlan, sizeId: string) =>
    oneMoreJar(input, await solver(), plan, sizeId)
};
export type PlanWorker = typeof work;
expose(work);
