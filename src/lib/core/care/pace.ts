import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import type { Stay } from '../batch/index';
import { tempsDuring, type Place, type TempFrom } from '../kit/index';

/**
 * How much longer a ferment takes at a temperature than at 20-22 °C: log-linear through (17 °C, 1.8), (21, 1),
 * (28, 0.6), held between 15 and 30 °C. Common practice (16-18 °C times 1.6-2.2, 27-29 °C times 0.5-0.7); it stands
 * in until the forecast model comes. Example: `paceFactor(17)` is `1.8`.
 */
export function paceFactor(tempC: number): number {
  const t = Math.min(30, Math.max(15, tempC));
  const slope = t < 21 ? Math.log(1.8) / (17 - 21) : Math.log(0.6) / (28 - 21);
  return Math.exp(slope * (t - 21));
}

/** Under this it may not start at all. */
export const MAY_NOT_START_C = 15;

/** A stretch of a jar's life at one temperature. */
export type Spell = TempFrom;

/** The spells of a jar's stays, each place as warm as it was then; a place that is gone counts as 21 °C. */
export function spells(stays: readonly Stay[], placeOf: (id: string) => Place | undefined): Spell[] {
  return stays.flatMap((s, i) => {
    const place = placeOf(s.placeId);
    return place ? tempsDuring(place, s.from, stays[i + 1]?.from ?? Infinity) : [{ from: s.from, tempC: 21 }];
  });
}

/**
 * When so many days "as at 20-22 °C" will have passed, going by the spells so far and staying at the last one.
 * Example: 7 days begun at 17 °C are over after 12.6 days.
 */
export function whenDaysPassed(days: number, startedAt: WallMinute, jarSpells: readonly Spell[]): WallMinute {
  let rest = days * MINUTES_PER_DAY;
  for (let i = 0; i < jarSpells.length; i++) {
    const spell = jarSpells[i]!;
    const factor = paceFactor(spell.tempC);
    const from = i === 0 ? startedAt : spell.from;
    const next = jarSpells[i + 1]?.from;
    if (next === undefined || (next - from) / factor >= rest) return Math.round(from + rest * factor);
    rest -= Math.max(0, next - from) / factor;
  }
  return Math.round(startedAt + rest);
}
