import { type Day, addDays, daysBetween } from '../calendar/index';
import { type OwnCrops, crop, keepsRaw } from '../produce/index';
import type { Lot } from './lot';

/**
 * The last day it should be used raw, and the days left from `today` (negative: over).
 * Example: gherkins picked on the 10th and kept at 20 °C are to be used by the 14th.
 */
export function rawLife(lot: Lot, today: Day, own: OwnCrops): { useBy: Day; daysLeft: number } {
  const c = crop(lot.cropId, own);
  const useBy = addDays(lot.day, c ? keepsRaw(c, lot.kept, lot.quality) : 0);
  return { useBy, daysLeft: daysBetween(today, useBy) };
}
