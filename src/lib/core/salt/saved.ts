import type { Day } from '../calendar/index';
import { as, type TrueStrength } from '../quantity/index';
import { brineFrom, brineOf, type Brine } from './brine';
import { brineDensity } from './density';

/** Brine that is there already: made ahead, or left over. */
export interface SavedBrine {
  readonly id: string;
  readonly name: string;
  readonly ml: number;
  readonly strength: TrueStrength;
  /** Drained off a ferment on that day: it brings its flora. Absent: mixed fresh. */
  readonly sourSince?: Day;
}

export interface FromSaved {
  readonly id: string;
  readonly name: string;
  readonly ml: number;
  readonly naclG: number;
  readonly waterG: number;
  readonly sourSince?: Day;
}

/**
 * A wanted brine made from what is saved, as much of it as fits, and the rest from salt and water. A saved one stronger
 * than wanted is thinned; a weaker one is used until there is no room for its water.
 * Example: 1000 ml of 5 % from 400 ml of 3 % take 39.5 g more salt and 575 g more water.
 */
export function fromSaved(
  wanted: Brine,
  saved: readonly SavedBrine[],
  tempC: number
): { used: FromSaved[]; rest: Brine } {
  let { naclG, waterG } = wanted;
  const used: FromSaved[] = [];
  for (const s of saved) {
    const gPerMl = brineDensity(s.strength, tempC);
    const most = Math.min(
      s.ml,
      s.strength > 0 ? naclG / (gPerMl * s.strength) : Infinity,
      waterG / (gPerMl * (1 - s.strength))
    );
    if (!(most >= 1)) continue;
    const part = brineOf(most, s.strength, tempC);
    naclG = Math.max(0, naclG - part.naclG);
    waterG = Math.max(0, waterG - part.waterG);
    const { id, name, sourSince } = s;
    used.push({
      ...{ id, name, ml: most, naclG: part.naclG, waterG: part.waterG },
      ...(sourSince === undefined ? {} : { sourSince })
    });
  }
  return { used, rest: brineFrom(naclG, waterG, tempC) };
}

/** A brine's strength from salt stirred into water, both g. Example: 30 g pure in 970 g is `0.03`. */
export const strengthOf = (naclG: number, waterG: number): TrueStrength =>
  as.trueStrength(naclG + waterG > 0 ? naclG / (naclG + waterG) : 0);

/** Time constant of a litre in an open pot, minutes; larger pots cool slower by the cube root. Common practice. */
const POT_MINUTES = 75;

/**
 * Minutes until hot brine has cooled, by Newton's law of cooling in an open pot.
 * Example: 1 l from 95 to 30 °C in a room of 21 °C takes about 158 minutes.
 */
export function coolingMinutes(volumeMl: number, fromC: number, toC: number, roomC: number): number {
  if (toC >= fromC) return 0;
  if (toC <= roomC) return Infinity;
  return POT_MINUTES * Math.cbrt(volumeMl / 1000) * Math.log((fromC - roomC) / (toC - roomC));
}
