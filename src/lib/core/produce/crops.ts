import { CROPS } from './data';
import type { Crop } from './types';
import type { Spread } from '../quantity/index';

/** The crop with that id. Example: `crop('kohlrabi')?.trim` is `0.73`. */
export function crop(id: string): Crop | undefined {
  return CROPS.find((c) => c.id === id);
}

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
  const c = crop(cropId);
  return withTops && c?.trimWithTops !== null ? `${cropId}+tops` : cropId;
};

/** Where a pick waits: in the kitchen at about 20 °C, or in a bag at 4 °C. */
export type Kept = 'room' | 'cold';

/**
 * Days that a sound pick keeps raw. Damaged picks are given half (common practice, no source).
 * Example: `keepsRaw(crop('cucumber-small')!, 'room', 'sound')` is `4`.
 */
export function keepsRaw(c: Crop, kept: Kept, quality: Quality): number {
  const days = kept === 'cold' ? c.keepCold : c.keepRoom;
  return quality === 'sound' ? days : Math.max(1, Math.floor(days / 2));
}

/** What a look at the pick says. */
export type Quality = 'sound' | 'trim' | 'cull';
