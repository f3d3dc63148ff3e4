import { CROPS } from './data';
import { likeOf, type OwnCrops } from './own';
import type { Crop } from './types';
import type { Spread } from '../quantity/index';

/** The crop with that id, the household's own before the table's. Example: `crop('kohlrabi', [])?.trim` is `0.73`. */
export const crop = (id: string, own: OwnCrops): Crop | undefined => find(own, id) ?? find(CROPS, id);

const find = (all: readonly Crop[], id: string) => all.find((c) => c.id === id);

/** A crop's name, or its id where nobody knows it. */
export const cropName = (id: string, own: OwnCrops): string => crop(id, own)?.name ?? id;

/** All crops that a household may choose from, by name: the table as it has corrected it, and its own in use. */
export const allCrops = (own: OwnCrops): Crop[] =>
  [...CROPS.map((c) => find(own, c.id) ?? c), ...own.filter((c) => !find(CROPS, c.id) && !c.retired)].sort(
    (a, b) => (a.name < b.name ? -1 : 1)
  );

/**
 * What a pick should give once trimmed, g, with its spread.
 * Example: 6400 g of white cabbage gives 5120 g ± 384 g (one sd).
 */
export function preparedFrom(pickedG: number, c: Crop, withTops: boolean): Spread {
  const trim = withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
  return { mean: pickedG * trim, sd: pickedG * c.trimSd };
}

/** The name under which a crop's trim yield is learnt. Example: `trimKey('turnip', true)` is `'turnip+tops'`. */
export const trimKey = (cropId: string, withTops: boolean): string => {
  const c = find(CROPS, likeOf(cropId));
  return withTops && c?.trimWithTops !== null ? `${cropId}+tops` : cropId;
};

/** Where a pick waits: in the kitchen at about 20 °C, or in a bag at 4 °C. */
export type Kept = 'room' | 'cold';

/**
 * Days that a sound pick keeps raw. Damaged picks are given half (common practice, no source).
 * Example: `keepsRaw(crop('cucumber-small', [])!, 'room', 'sound')` is `4`.
 */
export function keepsRaw(c: Crop, kept: Kept, quality: Quality): number {
  const days = kept === 'cold' ? c.keepCold : c.keepRoom;
  return quality === 'sound' ? days : Math.max(1, Math.floor(days / 2));
}

/** What a look at the pick says. */
export type Quality = 'sound' | 'trim' | 'cull';
