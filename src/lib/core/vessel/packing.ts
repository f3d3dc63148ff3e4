import { likeOf, type Crop, type Cut } from '../produce/index';
import type { Style } from '../style/index';

/**
 * Packing fraction at most: vegetable volume over usable volume, by cut.
 * Common practice, each within 0.9-1.45 times a loosely filled cup (USDA SR24 cup weights).
 */
export const PACKING: Readonly<Record<Exclude<Cut, 'shred'>, number>> = {
  upright: 0.65,
  spear: 0.65,
  coin: 0.62,
  whole: 0.62,
  cherry: 0.58,
  floret: 0.52,
  chunk: 0.52,
  half: 0.52,
  strip: 0.5,
  ring: 0.5,
  leaf: 0.9,
  mash: 1
};

/** Small round cucumbers pack a little looser upright than beans do. Common practice. */
const UPRIGHT_CUCUMBER = 0.62;

/** Packing fraction at most of a crop in a cut. Example: `packing('cucumber-small', 'upright')` is `0.62`. */
export function packing(cropId: string, cut: Exclude<Cut, 'shred'>): number {
  return cut === 'upright' && likeOf(cropId) === 'cucumber-small' ? UPRIGHT_CUCUMBER : PACKING[cut];
}

/** The name under which a crop's packing in a cut, or in an own way of making, is learnt. Example: `'kohlrabi.spear'`. */
export const packingKey = (cropId: string, cut: string): string => `${cropId}.${cut}`;

/** How tight a crop packs in a style's cut of it before anything was learnt, and the name under which that is learnt. */
export interface PacksInStyle {
  readonly key: string;
  readonly table: number;
}

/**
 * A cut of the household's own is learnt by its way of making and what it is like (`kohlrabi.pieces_1-spear`), and packs as the
 * household says; every other by crop and cut.
 * Example: kohlrabi (0.94 g/ml) in sticks of which 600 g go into a litre packs `0.638`.
 */
export function packsInStyle(
  s: Pick<Style, 'id' | 'ownCut'>,
  c: Pick<Crop, 'id' | 'density'>,
  cut: Exclude<Cut, 'shred'>
): PacksInStyle {
  const own = s.ownCut;
  if (!own) return { key: packingKey(c.id, cut), table: packing(c.id, cut) };
  const table = own.gPerLitre === null ? packing(c.id, cut) : own.gPerLitre / 1000 / c.density;
  return { key: packingKey(c.id, `${s.id}-${own.like}`), table };
}

/** Salted, bruised shreds, g per ml, with one sd from the range 0.95-1.05. Common practice; SR24 kraut 0.998. */
export const SHRED_BULK = { mean: 1, sd: 0.03 };

/** Shreds stuffed in without pounding, under brine: packing fraction. Common practice, no source. */
export const LOOSE_SHREDS = 0.6;

/** Whether shreds are taken by bulk weight: pressed, in their own juice. Example: `byBulk('shred', 1)` is `true`. */
export const byBulk = (cut: Cut, packed: number): boolean => cut === 'shred' && packed === 1;

export interface Packed {
  readonly vegG: number;
  readonly density: number;
  readonly packing: number;
}

/**
 * Jar room that pieces need, ml: every cut adds flesh volume over its packing fraction.
 * Example: 1500 ml of chunks at 0.52 need `2884.6`.
 */
export function roomNeeded(parts: readonly Packed[]): number {
  return parts.reduce((sum, p) => sum + p.vegG / (p.density * p.packing), 0);
}

/** Half the thickness of a usual piece by cut, mm: how far salt has to go. Common practice, no source. */
export const PIECE_RADIUS: Readonly<Record<Cut, number>> = {
  shred: 2,
  leaf: 2,
  spear: 6,
  coin: 4,
  chunk: 9,
  floret: 8,
  half: 14,
  upright: 5,
  cherry: 12,
  strip: 4,
  ring: 4,
  whole: 7,
  mash: 1
};

/** The same for a crop: a whole gherkin is thicker than a bean. Example: `pieceRadius('cucumber-small', 'upright')` is `15`. */
export function pieceRadius(cropId: string, cut: Cut): number {
  return likeOf(cropId) === 'cucumber-small' && cut === 'upright' ? 15 : PIECE_RADIUS[cut];
}
