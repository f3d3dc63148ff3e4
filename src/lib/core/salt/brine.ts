import { as, type PerWater, type TrueStrength } from '../quantity/index';
import { brineDensity } from './density';
import { saltForDose, type Contents, type DosingWay } from './dose';

/** A made brine: what goes into it and what it comes to. */
export interface Brine {
  readonly naclG: number;
  readonly waterG: number;
  readonly volumeMl: number;
  readonly strength: TrueStrength;
}

/** Strength by water to true strength. Example: `trueStrength(as.perWater(0.032))` is `0.03101`. */
export function trueStrength(p: PerWater): TrueStrength {
  return as.trueStrength(p / (1 + p));
}

/** True strength to strength by water. Example: `strengthByWater(as.trueStrength(0.05034))` is `0.053`. */
export function strengthByWater(b: TrueStrength): PerWater {
  return as.perWater(b / (1 - b));
}

/**
 * What so many ml of brine of that strength are made of.
 * Example: 2000 ml of 3 % at 20 °C are 61.18 g salt in 1978 g water.
 */
export function brineOf(volumeMl: number, strength: TrueStrength, tempC: number): Brine {
  const massG = volumeMl * brineDensity(strength, tempC);
  return { naclG: massG * strength, waterG: massG * (1 - strength), volumeMl, strength };
}

/**
 * The volume of brine from so much salt and water, ml.
 * Example: 47.91 g in 1497 g at 20 °C are 1514 ml.
 */
export function brineFrom(naclG: number, waterG: number, tempC: number): Brine {
  const massG = naclG + waterG;
  const strength = as.trueStrength(massG === 0 ? 0 : naclG / massG);
  return { naclG, waterG, volumeMl: massG / brineDensity(strength, tempC), strength };
}

/**
 * The brine that fills a given room beside given vegetables so that the dose comes out as said.
 * `fraction` is of the base that `way` names. Solved by iteration to 1e-14, since the brine's own mass
 * depends on its strength. Answers undefined when no brine this side of all-salt reaches it.
 * Example: 792.5 ml beside 1020 g cucumbers (w 0.952) for 3 % at equilibrium is a brine of 6.517 %.
 */
export function brineForRoom(
  roomMl: number,
  way: DosingWay,
  fraction: number,
  veg: Pick<Contents, 'vegG' | 'vegWaterG'>,
  tempC: number,
  broughtG = 0
): Brine | undefined {
  let strength = as.trueStrength(0);
  for (let turn = 0; turn < 200; turn++) {
    const massG = roomMl * brineDensity(strength, tempC);
    const naclG = saltForDose(way, fraction, { ...veg, waterG: massG * (1 - strength) }, broughtG);
    const next = as.trueStrength(massG === 0 ? 0 : naclG / massG);
    if (!(next < 1)) return undefined;
    if (Math.abs(next - strength) < 1e-14) break;
    strength = next;
  }
  return brineOf(roomMl, strength, tempC);
}

/**
 * The water in so many ml of brine that hold so much salt, g. Solved by iteration, since the density depends on it.
 * Example: 61.18 g in 2000 ml at 20 °C stand in 1978 g.
 */
export function waterBeside(naclG: number, volumeMl: number, tempC = 20): number {
  let massG = volumeMl;
  for (let turn = 0; turn < 20; turn++)
    massG = volumeMl * brineDensity(as.trueStrength(massG > 0 ? naclG / massG : 0), tempC);
  return massG - naclG;
}
