import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { offTheDay, type TempFrom } from '../kit/index';

/** A stretch of a jar's life in one air: so warm over the day from then on, so much warmer in the afternoon. */
export interface Air extends TempFrom {
  readonly swingC: number;
}

/** How slowly the contents follow the air, hours for a kilo; heavier by the power of 0.67. Set. */
const LAG_HOURS = 2.5;

/**
 * How warm the contents are at each step, one more than there are steps: first order behind the air, begun at its warmth.
 * Example: a kilo moved from 20 to 4 °C is at 9.9 °C after two and a half hours.
 * @param airs in their order; the first holds from the beginning
 */
export function contentsTemps(
  airs: readonly Air[],
  from: WallMinute,
  massKg: number,
  { stepHours, steps }: { readonly stepHours: number; readonly steps: number }
): number[] {
  const lag = LAG_HOURS * Math.max(0.05, massKg) ** 0.67;
  const follows = 1 - Math.exp(-1 / lag);
  const out: number[] = [];
  let at = 0;
  const air = (minute: WallMinute): number => {
    while (at + 1 < airs.length && airs[at + 1]!.from <= minute) at++;
    const a = airs[at];
    return a ? a.tempC + (a.swingC === 0 ? 0 : offTheDay(a.swingC, minute)) : NO_PLACE_C;
  };
  let t = air(from);
  for (let hour = 0; hour <= stepHours * steps; hour++) {
    if (hour % stepHours === 0) out.push(t);
    t += follows * (air(from + hour * 60 + 30) - t);
  }
  return out;
}

/** A place that is gone counts as a usual kitchen. */
export const NO_PLACE_C = 21;

/** So many days are looked ahead: past what is usual, and more than a month from now. */
export const daysAhead = (from: WallMinute, now: WallMinute, usualDays: number): number =>
  Math.min(240, Math.max(14, Math.ceil(usualDays * 1.5 + 7), Math.ceil((now - from) / MINUTES_PER_DAY) + 35));
