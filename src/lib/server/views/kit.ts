import type { JarBack } from '../../core/appetite';
import { fullOf, jarsToWash, type Learnt } from '../../core/kitchen';
import type { Counts } from '../../core/making';
import type { TaughtBySouring } from '../../core/outlook';
import { emptiedLately, household as ours } from '../repos';
import { learntOf, type House } from '../usecases';
import { jarsComingBack } from './eat-down';
import { door } from './index';
import { nowOf } from './living';
import { souringTaught } from './souring';

/** What one works with: how many jars of a kind are full, what was learnt, who comes in. */
export interface KitShown {
  readonly full: Counts;
  /** Emptied and not washed yet. */
  readonly toWash: Counts;
  /** When each vessel that holds something will be empty. */
  readonly back: readonly JarBack[];
  readonly learnt: Learnt;
  /** What batches that are over teach of how fast ferments go here. */
  readonly souring: readonly TaughtBySouring[];
  readonly door: Awaited<ReturnType<typeof door>>;
}

export async function kit(house: House): Promise<KitShown> {
  const household = await ours(house.db);
  const lids = await emptiedLately(house.db, house.clock.now());
  return {
    full: fullOf(lids),
    toWash: jarsToWash(household, lids, nowOf(house)),
    back: await jarsComingBack(house),
    learnt: await learntOf(house.db, household),
    souring: await souringTaught(house),
    door: await door(house)
  };
}
