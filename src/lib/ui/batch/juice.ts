import type { BatchInHand } from '$lib/core/batch';
import { as, writeSalt } from '$lib/core/quantity';
import { saltKind, strengthByWater } from '$lib/core/salt';

/** What to pour on shreds that stand dry: of the batch's own strength. Example: `': 23 g salt to 1 l'`. */
export function juiceWords(batch: BatchInHand | undefined): string {
  if (!batch?.equilibrium) return '';
  const purity = saltKind(batch.saltKindId ?? '')?.purity ?? 1;
  return `: ${writeSalt((strengthByWater(as.trueStrength(batch.equilibrium)) * 998.2) / purity)} salt to 1 l`;
}
