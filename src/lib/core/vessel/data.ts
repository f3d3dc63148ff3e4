import type { JarGeometry } from './types';

/**
 * Jars and crocks. Opening is the inner opening, not the lid's nominal size. US capacities exact; brim = nominal
 * times a factor, openings and heights recalled from memory or common practice (±6 mm, crocks ±15 mm): weigh a jar full of water
 * once for the real figure.
 */
export const JARS: readonly JarGeometry[] = [
  { id: 'us-half-pint-regular', name: 'US half-pint, regular mouth', nominalMl: 236.588, brimMl: 250.8, openingMm: 59, innerHeightMm: 90, shape: 'straight', source: 'FM/CP' },
  { id: 'us-pint-regular', name: 'US pint, regular mouth', nominalMl: 473.176, brimMl: 496.8, openingMm: 59, innerHeightMm: 122, shape: 'shouldered', source: 'FM/CP' },
  { id: 'us-pint-wide', name: 'US pint, wide mouth', nominalMl: 473.176, brimMl: 496.8, openingMm: 76, innerHeightMm: 112, shape: 'straight', source: 'FM/CP' },
  { id: 'us-quart-regular', name: 'US quart, regular mouth', nominalMl: 946.353, brimMl: 984.2, openingMm: 59, innerHeightMm: 165, shape: 'shouldered', source: 'FM/CP' },
  { id: 'us-quart-wide', name: 'US quart, wide mouth', nominalMl: 946.353, brimMl: 984.2, openingMm: 76, innerHeightMm: 165, shape: 'shouldered', source: 'FM/CP' },
  { id: 'us-half-gallon-wide', name: 'US half-gallon, wide mouth', nominalMl: 1892.71, brimMl: 1968.4, openingMm: 76, innerHeightMm: 225, shape: 'shouldered', source: 'FM/CP' },
  { id: 'us-gallon', name: 'US gallon glass jar', nominalMl: 3785.41, brimMl: 3899.0, openingMm: 100, innerHeightMm: 245, shape: 'shouldered', source: 'FM/CP' },
  { id: 'lug-370', name: 'Lug-lid jar 370 ml', nominalMl: 370, brimMl: 388.5, openingMm: 57, innerHeightMm: 110, shape: 'shouldered', source: 'CP' },
  { id: 'lug-500', name: 'Lug-lid jar 500 ml', nominalMl: 500, brimMl: 525.0, openingMm: 70, innerHeightMm: 115, shape: 'shouldered', source: 'CP' },
  { id: 'lug-720', name: 'Lug-lid jar 720 ml', nominalMl: 720, brimMl: 756.0, openingMm: 70, innerHeightMm: 150, shape: 'shouldered', source: 'CP' },
  { id: 'glass-lid-580', name: 'Glass-lid jar 580 ml (rim 100)', nominalMl: 580, brimMl: 580.0, openingMm: 86, innerHeightMm: 95, shape: 'straight', source: 'CP, weak: nominal is brim' },
  { id: 'glass-lid-1062', name: 'Glass-lid jar 1062 ml (rim 100)', nominalMl: 1062, brimMl: 1062.0, openingMm: 86, innerHeightMm: 135, shape: 'shouldered', source: 'CP, weak: nominal is brim' },
  { id: 'clip-500', name: 'Clip-top jar 0.5 l', nominalMl: 500, brimMl: 530.0, openingMm: 80, innerHeightMm: 95, shape: 'shouldered', source: 'CP' },
  { id: 'clip-750', name: 'Clip-top jar 0.75 l', nominalMl: 750, brimMl: 795.0, openingMm: 80, innerHeightMm: 130, shape: 'shouldered', source: 'CP' },
  { id: 'clip-1000', name: 'Clip-top jar 1 l', nominalMl: 1000, brimMl: 1060.0, openingMm: 82, innerHeightMm: 150, shape: 'shouldered', source: 'CP' },
  { id: 'clip-1500', name: 'Clip-top jar 1.5 l', nominalMl: 1500, brimMl: 1575.0, openingMm: 82, innerHeightMm: 200, shape: 'shouldered', source: 'CP' },
  { id: 'clip-2000', name: 'Clip-top jar 2 l', nominalMl: 2000, brimMl: 2100.0, openingMm: 95, innerHeightMm: 190, shape: 'shouldered', source: 'CP' },
  { id: 'clip-3000', name: 'Clip-top jar 3 l', nominalMl: 3000, brimMl: 3150.0, openingMm: 105, innerHeightMm: 230, shape: 'shouldered', source: 'CP' },
  { id: 'clip-4000', name: 'Clip-top jar 4 l', nominalMl: 4000, brimMl: 4200.0, openingMm: 105, innerHeightMm: 270, shape: 'shouldered', source: 'CP' },
  { id: 'clip-5000', name: 'Clip-top jar 5 l', nominalMl: 5000, brimMl: 5250.0, openingMm: 105, innerHeightMm: 290, shape: 'shouldered', source: 'CP' },
  { id: 'crock-us-1gal', name: 'Open crock, 1 US gal', nominalMl: 3785.41, brimMl: 3974.7, openingMm: 175, innerHeightMm: 165, shape: 'straight', source: 'CP' },
  { id: 'crock-us-2gal', name: 'Open crock, 2 US gal', nominalMl: 7570.82, brimMl: 7949.4, openingMm: 220, innerHeightMm: 210, shape: 'straight', source: 'CP' },
  { id: 'crock-us-3gal', name: 'Open crock, 3 US gal', nominalMl: 11356.2, brimMl: 11924.0, openingMm: 245, innerHeightMm: 250, shape: 'straight', source: 'CP' },
  { id: 'crock-us-5gal', name: 'Open crock, 5 US gal', nominalMl: 18927.1, brimMl: 19873.4, openingMm: 290, innerHeightMm: 300, shape: 'straight', source: 'CP' },
  { id: 'crock-water-5l', name: 'Water-channel crock 5 l', nominalMl: 5000, brimMl: 5000.0, openingMm: 150, innerHeightMm: 200, shape: 'crock', source: 'CP' },
  { id: 'crock-water-10l', name: 'Water-channel crock 10 l', nominalMl: 10000, brimMl: 10000.0, openingMm: 190, innerHeightMm: 270, shape: 'crock', source: 'CP' },
  { id: 'crock-water-15l', name: 'Water-channel crock 15 l', nominalMl: 15000, brimMl: 15000.0, openingMm: 210, innerHeightMm: 310, shape: 'crock', source: 'CP' },
  { id: 'crock-water-20l', name: 'Water-channel crock 20 l', nominalMl: 20000, brimMl: 20000.0, openingMm: 230, innerHeightMm: 340, shape: 'crock', source: 'CP' },
  { id: 'bucket-20l', name: 'Food-grade bucket 20 l', nominalMl: 20000, brimMl: 20400.0, openingMm: 290, innerHeightMm: 325, shape: 'tapered', source: 'CP' },
  { id: 'bottle-250', name: 'Sauce bottle 250 ml', nominalMl: 250, brimMl: 265.0, openingMm: 24, innerHeightMm: 170, shape: 'shouldered', source: 'CP' },
  { id: 'bottle-500', name: 'Sauce bottle 500 ml', nominalMl: 500, brimMl: 520.0, openingMm: 26, innerHeightMm: 220, shape: 'shouldered', source: 'CP' },
];
