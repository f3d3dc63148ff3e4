import type { Day } from '../calendar/index';
import { cropsAhead, mondayOf, weekOf, weekSpread, type Picked } from './expected';
import type { Sowing } from './sowing';

/** How what was expected of a crop a week ahead held, over the weeks that are over. */
export interface PicksScored {
  readonly cropId: string;
  readonly expectedG: number;
  readonly pickedG: number;
  /** Weeks in which some was expected, and in how many of them it came as near as nine weeks in ten do. */
  readonly weeks: number;
  readonly within: number;
}

/** Less than this is nothing that one would go out for, g. */
const LITTLE_G = 50;

/**
 * Each of the last weeks as it was expected on its Monday, by what was picked up to then, against what came. The beds are
 * taken as they are written down now.
 */
export function picksScored(
  sowings: readonly Sowing[],
  frost: string | null,
  picked: readonly Picked[],
  { today, weeks }: { readonly today: Day; readonly weeks: number }
): PicksScored[] {
  const now = weekOf(today);
  const all = new Map<string, PicksScored>();
  for (let week = now - weeks; week < now; week++) {
    const monday = mondayOf(week);
    const before = picked.filter((p) => p.day < monday);
    for (const { cropId, weeks: of } of cropsAhead(
      sowings.filter((s) => s.day < monday),
      frost,
      before,
      monday
    )) {
      const expectedG = of.find((w) => w.monday === monday)?.expectedG ?? 0;
      if (expectedG < LITTLE_G) continue;
      const over = of.filter((w) => w.monday < monday && w.expectedG > 0).length;
      const pickedG = picked.reduce(
        (a, p) => (p.cropId === cropId && weekOf(p.day) === week ? a + p.g : a),
        0
      );
      const isWithin = Math.abs(Math.log(Math.max(1, pickedG) / expectedG)) <= weekSpread(over);
      const had = all.get(cropId) ?? { cropId, expectedG: 0, pickedG: 0, weeks: 0, within: 0 };
      all.set(cropId, {
        ...{ cropId, expectedG: had.expectedG + expectedG, pickedG: had.pickedG + pickedG },
        ...{ weeks: had.weeks + 1, within: had.within + (isWithin ? 1 : 0) }
      });
    }
  }
  return [...all.values()].sort((a, b) => b.expectedG - a.expectedG);
}
