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
  const at = { at: equilibrium };
  if (equilibrium < 0.015) return [caution('salt-too-weak', at)];
  const ofStyle = range && { ...at, from: range.from, to: range.to, style: range.name };
  if (ofStyle && equilibrium < ofStyle.from * FAR.under) return [caution('salt-under-style', ofStyle)];
  if (equilibrium < 0.018) return [caution('salt-low', at)];
  if (ofStyle && equilibrium < ofStyle.from * FAR.below) return [caution('salt-below-style', ofStyle)];
  if (equilibrium > Math.max(0.05, range?.to ?? 0)) return [caution('salt-high', at)];
  if (ofStyle && equilibrium > ofStyle.to * FAR.over) return [caution('salt-over-style', ofStyle)];
  return [];
}

/**
 * What the place's temperature says; shredded cabbage softens sooner than pieces.
 * Example: `placeCautions('Cellar', 12)` is one heed; kraut at 25 °C one, cucumbers there none.
 */
export function placeCautions(place: string, tempC: number, warmC = 27): Caution[] {
  if (tempC < 15) return [caution('place-cold', { place, tempC })];
  return tempC > warmC ? [caution('place-warm', { place, tempC })] : [];
}

/** Nobody to open a clamped lid. `opens` = somebody is there every day. */
export function lidCautions(clampedJars: number, opens: boolean): Caution[] {
  return opens || clampedJars === 0 ? [] : [caution('lid-unopened', { jars: clampedJars })];
}

/** Chillies on the board. Example: heat class 2 asks for gloves. */
export function heatCautions(hottest: number, crop: string): Caution[] {
  return hottest >= 1 ? [caution('gloves', { crop })] : [];
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
    return c.day < c.lineDay ? [] : [caution('ph-line', { pH: last, day: c.day, lineDay: c.lineDay })];
  const fallen = c.readings.length > 1 && first - last >= PH_FALL - 1e-9;
  return c.startsNearLine && !fallen && c.day >= c.lineDay ? [caution('ph-not-fallen', { pH: last })] : [];
}
