import { inHand, placeOf, standing, type BatchInHand, type Filling } from '../../core/batch';
import type { CareTask } from '../../core/care';
import type { Likings, TaughtBySouring } from '../../core/outlook';
import type { House } from '../usecases';
import { care, careHouse } from './care';
import { living } from './living';
import { likings, souringTaught } from './souring';

/** The counter: every batch that stands there, and what it wants. */
export interface Counter {
  readonly batches: readonly BatchInHand[];
  readonly tasks: readonly CareTask[];
  /** Jars that bubble now, most likely. */
  readonly bubbling: readonly string[];
  readonly souring: readonly TaughtBySouring[];
  /** How sour it likes what it makes, by style. */
  readonly likings: Likings;
}

export async function counter(house: House): Promise<Counter> {
  const { batches, household, now } = await living(house);
  const { courseOf } = await careHouse(house);
  const counters = new Set(household.places.filter((p) => p.kind === 'counter').map((p) => p.id));
  const here = batches.filter((b) => standing(b).some((f) => counters.has(placeOf(f))));
  const stand = new Set(here.map((b) => b.id));
  const bubbles = (b: BatchInHand, f: Filling) => {
    const { bubbles: from, settles } = courseOf(b, f);
    return from !== null && from <= now && now < (settles ?? Infinity);
  };
  return {
    batches: here.map(inHand),
    bubbling: here.flatMap((b) => standing(b).flatMap((f) => (bubbles(b, f) ? [f.id] : []))),
    tasks: (await care(house)).filter((t) => stand.has(t.batchId)),
    souring: await souringTaught(house),
    likings: await likings(house)
  };
}
