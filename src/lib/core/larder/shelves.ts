import type { Place } from '../kit/index';
import { jarGeometry } from '../vessel/index';

/** Shelf room of a jar: about one and a half times what it holds. Default of the season model. */
export const SHELF = 1.5;

/** Glass, lid and clip over the inner height of a jar, mm. Our judgement; a ruler knows better. */
const OVER_MM = 30;

/** How high a jar stands with its lid on, mm; null where nobody knows its shape. */
export function standsMm(geometryId: string): number | null {
  const inner = jarGeometry(geometryId)?.innerHeightMm;
  return inner === undefined ? null : inner + OVER_MM;
}

/** Whether a jar is too high for a place's shelves; where nobody said how high those are, none is. */
export function tooTall({ shelfMm }: Pick<Place, 'shelfMm'>, geometryId: string): boolean {
  const high = standsMm(geometryId);
  return shelfMm !== undefined && high !== null && high > shelfMm;
}

/** What still fits on a place's shelves: of each size by itself, those that go under its boards. */
export interface StillFits {
  readonly jarId: string;
  readonly name: string;
  readonly n: number;
}

/**
 * How many of the free jars of each size a place still takes; none where nobody said how much room it has.
 * Example: 40 l of shelf of which 25 l are taken take ten more jars of a litre, where as many are free.
 * @param takenMl shelf room that is taken
 */
export function stillFits(
  place: Pick<Place, 'shelfLitres' | 'shelfMm'>,
  takenMl: number,
  sizes: readonly {
    readonly id: string;
    readonly usableMl: number;
    readonly free: number;
    readonly jar: { readonly name: string; readonly geometryId: string };
  }[]
): StillFits[] {
  if (place.shelfLitres === null) return [];
  const leftMl = Math.max(0, place.shelfLitres * 1000 - takenMl);
  return sizes
    .filter((s) => !tooTall(place, s.jar.geometryId))
    .map((s) => ({
      jarId: s.id,
      name: s.jar.name,
      n: Math.min(s.free, Math.floor(leftMl / (SHELF * s.usableMl)))
    }));
}
