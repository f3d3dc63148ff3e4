import {
  as,
  type EquilibriumSalinity,
  type PerTotal,
  type PerVegetables,
  type PerWater
} from '../quantity/index';

/** What is in a jar, g: salt as NaCl, water that was added, prepared vegetables and the water inside them. */
export interface Contents {
  readonly naclG: number;
  readonly waterG: number;
  readonly vegG: number;
  readonly vegWaterG: number;
}

/** The ways a dose is said; the fraction is taken of the base that the way names. */
export type DosingWay = 'equilibrium' | 'perWater' | 'perVegetables' | 'perTotal' | 'byTaste';

/**
 * Salt over salt and all water, once evened out.
 * Example: 33 g on 1500 g of mixed vegetables holding 1372 g of water is `0.02349`.
 */
export function equilibriumSalinity(c: Contents): EquilibriumSalinity {
  const all = c.naclG + c.waterG + c.vegWaterG;
  return as.equilibriumSalinity(all === 0 ? 0 : c.naclG / all);
}

/** Salt over added water; undefined where none was added. Example: 23.32 g in 440 g is `0.053`. */
export function perWater(c: Contents): PerWater | undefined {
  return c.waterG > 0 ? as.perWater(c.naclG / c.waterG) : undefined;
}

/** Salt over prepared vegetables; undefined where there are none. Example: 33 g on 1500 g is `0.022`. */
export function perVegetables(c: Contents): PerVegetables | undefined {
  return c.vegG > 0 ? as.perVegetables(c.naclG / c.vegG) : undefined;
}

/** Salt over vegetables and water; undefined for nothing. Example: 23.32 g on 520 + 440 g is `0.02429`. */
export function perTotal(c: Contents): PerTotal | undefined {
  const base = c.vegG + c.waterG;
  return base > 0 ? as.perTotal(c.naclG / base) : undefined;
}

/**
 * NaCl for a wanted equilibrium salinity, g, on top of what the ingredients bring; negative: they bring too much.
 * Example: `saltForEquilibrium(as.equilibriumSalinity(0.022), 1372.1)` is `30.87`.
 */
export function saltForEquilibrium(target: EquilibriumSalinity, allWaterG: number, broughtG = 0): number {
  return (target / (1 - target)) * allWaterG - broughtG;
}

/**
 * NaCl for a dose said in one of the four ways, g, for these vegetables and this added water. Salt that ingredients
 * bring counts against the wanted equilibrium; the other ways say what is added.
 * Example: `saltForDose('perTotal', 0.025, { waterG: 0, vegG: 742, vegWaterG: 690 })` is `18.55`.
 */
export function saltForDose(
  way: DosingWay,
  fraction: number,
  c: Omit<Contents, 'naclG'>,
  broughtG = 0
): number {
  switch (way) {
    // What the tongue says is said of the juice: it is where it ends, only less surely (see `taste.ts`).
    case 'byTaste':
    case 'equilibrium':
      return saltForEquilibrium(as.equilibriumSalinity(fraction), c.waterG + c.vegWaterG, broughtG);
    case 'perWater':
      return fraction * c.waterG;
    case 'perVegetables':
      return fraction * c.vegG;
    case 'perTotal':
      return fraction * (c.vegG + c.waterG);
  }
}
