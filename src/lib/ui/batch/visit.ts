import type { RoundStop } from '$lib/core/care';

/** A stop as the house is told of it: what its jars want, of those that are chosen. */
export function visitOf({ batchId, fillingIds, wants }: RoundStop, chosen: readonly string[] = fillingIds) {
  const some = (ids: readonly string[]) => ids.filter((id) => chosen.includes(id));
  const cares = wants.map(({ kind, slot, fillingIds: of }) => ({ kind, slot, fillingIds: some(of) }));
  return { batchId, fillingIds: some(fillingIds), cares: cares.filter((c) => c.fillingIds.length > 0) };
}
