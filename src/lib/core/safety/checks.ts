import { writePercent, type WrittenUnits, writeTemperature } from '../quantity/index';
import { type Caution, caution } from './rules';

/** A style's own range of salt, as equilibrium salinity. */
export interface StyleRange {
  readonly from: number;
  readonly to: number;
  readonly name: string;
}

/** So far under the style's least it is a harm, so far over its most a heed. Common practice, no source. */
const FAR = { under: 0.7, below: 0.95, over: 1.2 };

/**
 * What the salinity says, by itself and against the style's own range.
 * Example: `saltCautions(0.014)` is one harm; 2 % is none for kraut, and a harm for a mash that is made with 3 to 6 %.
 */
export function saltCautions(equilibrium: number, range?: StyleRange): Caution[] {
  const at = writePercent(equilibrium);
  if (equilibrium < 0.015) return [caution('salt-too-weak', `Ends at ${at}: too weak to keep.`)];
  const usual = range ? `${range.name} takes ${writePercent(range.from)} to ${writePercent(range.to)}` : '';
  if (range && equilibrium < range.from * FAR.under)
    return [caution('salt-under-style', `Ends at ${at}: ${usual}.`)];
  if (equilibrium < 0.018) return [caution('salt-low', `Ends at ${at}: short-lived, cold only.`)];
  if (range && equilibrium < range.from * FAR.below)
    return [caution('salt-below-style', `Ends at ${at}: ${usual}.`)];
  if (equilibrium > Math.max(0.05, range?.to ?? 0))
    return [caution('salt-high', `Ends at ${at}: very salty.`)];
  if (range && equilibrium > range.to * FAR.over)
    return [caution('salt-over-style', `Ends at ${at}: ${usual}.`)];
  return [];
}

/**
 * What the place's temperature says; shredded cabbage softens sooner than pieces.
 * Example: `placeCautions('Cellar', 12)` is one heed; kraut at 25 °C one, cucumbers there none.
 */
export function placeCautions(
  name: string,
  tempC: number,
  warmC = 27,
  units: WrittenUnits = 'metric'
): Caution[] {
  const at = writeTemperature(tempC, units);
  if (tempC < 15) return [caution('place-cold', `${name} is ${at}: it may not start there.`)];
  if (tempC > warmC) return [caution('place-warm', `${name} is ${at}: cooler is better.`)];
  return [];
}

/** Nobody to open a clamped lid. `opens` = somebody is there every day. */
export function lidCautions(clampedJars: number, opens: boolean): Caution[] {
  if (opens || clampedJars === 0) return [];
  const jars = clampedJars === 1 ? 'A clamped jar' : `${clampedJars} clamped jars`;
  return [caution('lid-unopened', `${jars} and nobody to open them: take an airlock, or loosen the lid.`)];
}

/** Chillies on the board. Example: heat class 2 asks for gloves. */
export function heatCautions(hottest: number, name: string): Caution[] {
  return hottest >= 1 ? [caution('gloves', `${name}: wear gloves, keep off your eyes.`)] : [];
}

/** The line that a reading is held against. Source: 21 CFR 114, recalled from memory. */
export const PH_LINE = 4.6;

/** How far a tomato's pH must have come down, pH; a strip reads to about 0.3. Common practice, no source. */
export const PH_FALL = 0.3;

export interface PHCase {
  /** Readings in time order. */
  readonly readings: readonly number[];
  readonly day: number;
  /** The style's day for the line, already for this place. */
  readonly lineDay: number;
  readonly startsNearLine: boolean;
}

/** What the pH readings say on that day. Example: 4.8 on day 8 with the line on day 7 is a harm. */
export function pHCautions(c: PHCase): Caution[] {
  const last = c.readings.at(-1);
  const first = c.readings[0];
  if (last === undefined || first === undefined) return [];
  if (last > PH_LINE)
    return c.day < c.lineDay
      ? []
      : [
          caution(
            'ph-line',
            `pH ${last} on day ${c.day}: it should be ${PH_LINE} or lower by day ${c.lineDay}. Throw the jar away.`
          )
        ];
  const fallen = c.readings.length > 1 && first - last >= PH_FALL - 1e-9;
  if (c.startsNearLine && !fallen && c.day >= c.lineDay)
    return [
      caution(
        'ph-not-fallen',
        `pH ${last}, but it has not been seen to fall. Measure again, compare with the first.`
      )
    ];
  return [];
}
