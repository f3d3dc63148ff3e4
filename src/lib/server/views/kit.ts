import { standing } from '../../core/batch';
import type { Learnt } from '../../core/kitchen';
import { learntOf, type House } from '../usecases';
import { door, living } from './index';

/** What one works with: how many jars of a kind are full, what was learnt, who comes in. */
export interface KitShown {
  readonly full: Readonly<Record<string, number>>;
  readonly learnt: Learnt;
  readonly door: Awaited<ReturnType<typeof door>>;
}

export async function kit(house: House): Promise<KitShown> {
  const { batches, household } = await living(house);
  const full: Record<string, number> = {};
  for (const f of batches.flatMap(standing)) full[f.jarId] = (full[f.jarId] ?? 0) + 1;
  return { full, learnt: await learntOf(house.db, household), door: await door(house) };
}
