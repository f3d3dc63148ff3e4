import { as, type EquilibriumSalinity, type TrueStrength } from '../quantity/index';

/**
 * Mass balances of putting right. The water phase M is salt and all the water in a jar, added and the vegetables' own,
 * g; s is the salinity of that phase. Formulas: conservation of salt and of water.
 */
export interface Phase {
  readonly massG: number;
  readonly salinity: EquilibriumSalinity;
}

/** Salt in it, g. */
export const saltIn = (p: Phase): number => p.massG * p.salinity;

/** Water phase of so much salt, added water and vegetable water, g. Example: 24 g on 1180 g at 92 % is 1110 g at `0.02163`. */
export function phaseOf(naclG: number, waterG: number, vegWaterG: number): Phase {
  const massG = naclG + waterG + vegWaterG;
  return { massG, salinity: as.equilibriumSalinity(massG > 0 ? naclG / massG : 0) };
}

/** After liquid of some strength was poured in. Example: 180 g of water on 1110 g at 2.163 % end at `0.01861`. */
export function poured(p: Phase, liquidG: number, strength: TrueStrength): Phase {
  return phaseOf(saltIn(p) + liquidG * strength, p.massG + liquidG - saltIn(p) - liquidG * strength, 0);
}

/** After so much of its own brine was taken out; the salinity stays. */
export const drawn = (p: Phase, brineG: number): Phase => ({ ...p, massG: p.massG - brineG });

/** After so much water left as vapour: the salt stayed. Example: 150 g off 1400 g at 2.4 % is `0.02688`. */
export const evaporated = (p: Phase, waterG: number): Phase =>
  phaseOf(saltIn(p), p.massG - saltIn(p) - waterG, 0);

/** Unsalted vegetables that bring a phase down, g; `moisture` of what is added. Example: 1198 g at 3.838 % to 2.3 % by cabbage is `869.3`. */
export function vegetablesToAdd(p: Phase, to: EquilibriumSalinity, moisture: number): number {
  return (p.massG * (p.salinity / to - 1)) / moisture;
}

/** Plain water that brings a phase down, g: room for it must be there. */
export const waterToReach = (p: Phase, to: EquilibriumSalinity): number =>
  Math.max(0, p.massG * (p.salinity / to - 1));

/** Pure salt that brings a phase up, g: ΔS = M·(s1 − s0)/(1 − s1). Example: 1010 g at 1.386 % to 2.2 % is `8.4`. */
export const saltToAdd = (p: Phase, to: EquilibriumSalinity): number =>
  (p.massG * (to - p.salinity)) / (1 - to);

export interface Swap {
  /** Brine to draw off and replace by as much water, g, each time. */
  readonly eachG: number;
  readonly times: number;
  readonly totalG: number;
}

/** More changes than this of one jar are no longer a way out. Common practice, no source. */
const MOST_SWAPS = 6;

/**
 * Too salty and evened out: draw off brine and replace it by water, in as few equal steps as the free brine allows.
 * Undefined when the free brine is so little that it would take more than six.
 * Example: 1938.5 g at 3.198 % to 2.2 % with 350 g of free brine is 330.8 g twice.
 */
export function swapForWater(p: Phase, to: EquilibriumSalinity, freeBrineG: number): Swap | undefined {
  for (let times = 1; times <= MOST_SWAPS; times++) {
    const eachG = p.massG * (1 - (to / p.salinity) ** (1 / times));
    if (eachG <= freeBrineG + 1e-9) return { eachG, times, totalG: eachG * times };
  }
  return undefined;
}
