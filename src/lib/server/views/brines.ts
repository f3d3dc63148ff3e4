import { originOf } from '../../core/larder';
import type { KeptBrine, KnownBrine } from '../../core/pantry';
import { batches } from '../repos';
import type { House } from '../usecases';
import { living } from './living';

/** Kept brines, each with what is known of the batch that it was drained from. */
export async function knownBrines(house: House, all: readonly KeptBrine[]): Promise<KnownBrine[]> {
  const { batches: live, household } = await living(house);
  const out: KnownBrine[] = [];
  for (const b of all) {
    const of = b.from === 'batch' ? b.batchId : null;
    const batch =
      of === null ? undefined : (live.find((x) => x.id === of) ?? (await batches.load(house.db, of))?.state);
    out.push({ ...b, origin: batch ? originOf(batch, b, household.places) : null });
  }
  return out;
}
