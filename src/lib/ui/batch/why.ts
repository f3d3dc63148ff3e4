import type { BatchInHand, CareKind } from '$lib/core/batch';
import { as, writeSalt } from '$lib/core/quantity';
import { saltKind, strengthByWater } from '$lib/core/salt';
import { careWhy } from '$lib/words';

/** What to pour on shreds that stand dry: of the batch's own strength. Example: `': 23 g salt to 1 l'`. */
function juiceWords(batch: BatchInHand | undefined): string {
  if (!batch?.equilibrium) return '';
  const purity = saltKind(batch.saltKindId ?? '')?.purity ?? 1;
  return `: ${writeSalt((strengthByWater(as.trueStrength(batch.equilibrium)) * 998.2) / purity)} salt to 1 l`;
}

/** Why something is wanted of jars of this batch. Example, of one that waited: `its turn after jar 12 (Gherkins), or …`. */
export function whyWords(
  kind: CareKind,
  batch: BatchInHand | undefined,
  fillingIds: readonly string[]
): string {
  if (kind === 'juice') return `${careWhy(kind)}${juiceWords(batch)}`;
  const waited = batch?.fillings.find((f) => f.waitsFor && fillingIds.includes(f.id))?.waitsFor;
  if (kind !== 'toCold' || !waited) return careWhy(kind);
  return `its turn after jar ${waited.lidNumber} (${waited.batchName}), or ${careWhy(kind)}`;
}
