import { goodsTaken, type UsedUp } from '../../core/pantry';
import type { Work } from '../db/kinds';
import { OURS, pantries, pantry } from '../repos';

/** What was used up comes off the pantry shelf, as far as it was counted there. */
export async function takeGoods(work: Work, used: readonly UsedUp[], batchId: string): Promise<void> {
  if (used.some((u) => u.amount > 0))
    await pantries.append(work, OURS, goodsTaken(await pantry(work.trx), used, batchId));
}
