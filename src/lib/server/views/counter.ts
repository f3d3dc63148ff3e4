import { inHand, placeOf, standing, type BatchInHand } from '../../core/batch';
import type { CareTask } from '../../core/care';
import type { TaughtBySouring } from '../../core/outlook';
import type { House } from '../usecases';
import { care, living } from './index';
import { souringTaught } from './souring';

/** The counter: every batch that stands there, and what it wants. */
export interface Counter {
  readonly batches: readonly BatchInHand[];
  readonly tasks: readonly CareTask[];
  readonly souring: readonly TaughtBySouring[];
}

export async function counter(house: House): Promise<Counter> {
  const { batches, household } = await living(house);
  const counters = new Set(household.places.filter((p) => p.kind === 'counter').map((p) => p.id));
  const here = batches.filter((b) => standing(b).some((f) => counters.has(placeOf(f))));
  const stand = new Set(here.map((b) => b.id));
  return {
    batches: here.map(inHand),
    tasks: (await care(house)).filter((t) => stand.has(t.batchId)),
    souring: await souringTaught(house)
  };
}
