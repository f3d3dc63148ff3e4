import { nanoid } from 'nanoid';
import { goto } from '$app/navigation';
import type { PlannedBatch, SeasonCrop } from '$lib/core/season';
import type { Problem } from '$lib/words';
import { send, tell } from '../house/send';

/** What lies in the Garden, the oldest first. */
export type Lying = readonly { readonly id: string; readonly cropId: string; readonly gardenG: number }[];

/** A crop of which a pinch is wanting is there. */
const ENOUGH = 0.9;

/** Raw of the crops that a start takes, g as picked, and what of each lies in the Garden. */
export function rawOf(
  batch: PlannedBatch,
  crops: readonly Pick<SeasonCrop, 'id' | 'trim'>[],
  lots: Lying
): { cropId: string; g: number; here: number }[] {
  return batch.uses.flatMap((u) => {
    const crop = crops.find((c) => c.id === u.cropId);
    if (!crop) return [];
    const here = lots.filter((l) => l.cropId === crop.id).reduce((a, l) => a + l.gardenG, 0);
    return [{ cropId: crop.id, g: (1000 * u.kg) / crop.trim, here }];
  });
}

/** What of a start is still to be picked. */
export const wantingOf = (
  batch: PlannedBatch,
  crops: readonly Pick<SeasonCrop, 'id' | 'trim'>[],
  lots: Lying
) => rawOf(batch, crops, lots).filter((r) => r.here < ENOUGH * r.g);

/** Takes a start to a bench, its picks, style and jars filled in, and goes there; what it was refused for, else null. */
export async function takeToBench(
  batch: PlannedBatch,
  {
    crops,
    lots,
    bench
  }: { crops: readonly Pick<SeasonCrop, 'id' | 'trim'>[]; lots: Lying; bench: string | null }
): Promise<Problem | null> {
  const to = bench ?? nanoid(10);
  for (const { cropId, g } of rawOf(batch, crops, lots)) {
    let left = g;
    for (const lot of lots.filter((l) => l.cropId === cropId)) {
      const takes = Math.min(left, lot.gardenG);
      if (takes < 1) continue;
      // What is nearly all of it is all of it.
      const weight = takes > ENOUGH * lot.gardenG ? '' : `${Math.round(takes)} g`;
      const taken = await send('take-to-bench', { lotId: lot.id, bench: to, weight });
      if (!taken.ok) return taken.problem;
      left -= takes;
    }
  }
  const counts = Object.fromEntries(batch.jars.map((j) => [j.sizeId, Math.round(j.n)]));
  await tell('bench-draft', { bench: to, set: { styleId: batch.styleId, counts } });
  await goto(`/bench?bench=${to}`, { invalidateAll: true });
  return null;
}
