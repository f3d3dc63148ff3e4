import { placeOf, standing } from '../../core/batch';
import { verdictOn } from '../../core/care';
import { quartersLeft, type JarOnShelf, type ShelfToCount } from '../../core/larder';
import type { House } from '../usecases';
import { living } from './living';

/** What is written of a place, by lid number; null: there is no such place. */
export async function shelfToCount(house: House, placeId: string): Promise<ShelfToCount | null> {
  const { batches, household } = await living(house);
  const place = household.places.find((p) => p.id === placeId);
  if (!place) return null;
  const all = batches
    .flatMap((b) =>
      standing(b).map((f): JarOnShelf & { readonly raw: boolean } => ({
        ...{ batchId: b.id, fillingId: f.id, lidNumber: f.lidNumber, name: b.name, jarName: f.jarName },
        ...{ placeId: placeOf(f), quarters: quartersLeft(f), raw: !f.heated },
        condemned: verdictOn(b, f, household.places) !== null
      }))
    )
    .sort((a, b) => a.lidNumber - b.lidNumber);
  return {
    place,
    jars: all.filter((j) => j.placeId === placeId),
    // A raw one is never at home on a pantry shelf.
    elsewhere: all.filter((j) => j.placeId !== placeId && !(place.kind === 'pantry' && j.raw))
  };
}
