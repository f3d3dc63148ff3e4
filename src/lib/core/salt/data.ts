import type { SaltKind } from './types';

/**
 * Salt kinds by the level, loosely filled spoon. Marks: P read from a published data file (SR24 = USDA National
 * Nutrient Database, release 24, public domain), CP common practice, no source.
 */
export const SALT_KINDS: readonly SaltKind[] = [
  { id: 'table-fine', name: 'Fine table salt', gPerMl: 1.217, gsd: 1.06, purity: 0.985, purityLow: 0.975, purityHigh: 0.999, source: 'P/C: SR24 02047 tbsp 18.0 g, tsp 6.0 g, cup 292 g; Na 38.758 g/100 g -> 98.5 % NaCl; GNU units 6 g/tsp' },
  { id: 'pickling', name: 'Pickling/canning salt', gPerMl: 1.2, gsd: 1.07, purity: 0.995, purityLow: 0.99, purityHigh: 0.999, source: 'CP; Guide 6 treats 3/4 cup as 12 tbsp' },
  { id: 'sea-fine', name: 'Fine sea salt', gPerMl: 1.15, gsd: 1.08, purity: 0.985, purityLow: 0.96, purityHigh: 0.997, source: 'CP' },
  { id: 'sea-coarse', name: 'Coarse sea salt', gPerMl: 1.0, gsd: 1.1, purity: 0.98, purityLow: 0.94, purityHigh: 0.995, source: 'CP' },
  { id: 'sea-grey-damp', name: 'Damp unrefined grey sea salt', gPerMl: 0.95, gsd: 1.15, purity: 0.92, purityLow: 0.86, purityHigh: 0.96, source: 'CP; 3-10 % water, dry or weigh extra' },
  { id: 'kosher-dense', name: 'Kosher, dense rolled crystals', gPerMl: 0.99, gsd: 1.06, purity: 0.99, purityLow: 0.98, purityHigh: 0.999, source: 'P/CP: GNU units 4.8 g/tsp (0.974 g/ml); spoons weigh 14.4-16 g/tbsp' },
  { id: 'kosher-light', name: 'Kosher, light hollow crystals', gPerMl: 0.6, gsd: 1.09, purity: 0.995, purityLow: 0.985, purityHigh: 0.999, source: 'P/CP: GNU units 2.8 g/tsp (0.568 g/ml); spoons weigh 8.4-10 g/tbsp' },
  { id: 'flaky', name: 'Flaky finishing salt', gPerMl: 0.5, gsd: 1.3, purity: 0.98, purityLow: 0.96, purityHigh: 0.995, source: 'CP, weak: 5-11 g/tbsp, crush or weigh' },
  { id: 'rock-ground', name: 'Rock salt, finely ground', gPerMl: 1.15, gsd: 1.08, purity: 0.98, purityLow: 0.95, purityHigh: 0.995, source: 'CP' },
  { id: 'rock-coarse', name: 'Rock salt, coarse for a mill', gPerMl: 1.05, gsd: 1.12, purity: 0.98, purityLow: 0.95, purityHigh: 0.995, source: 'CP' },
];
