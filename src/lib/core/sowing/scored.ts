import type { Day } from '../calendar/index';
import { cropsAhead, mondayOf, seasonSpread, weekOf, type Picked } from './expected';
import type { Sowing } from './sowing';

/** How what was expected of a crop, week by week a week ahead, held over some weeks that are over. */
export interface PicksScored {
  readonly cropId: string;
  readonly expectedG: number;
  readonly pickedG: number;
  /** It came as near as nine in ten do. */
  readonly isNear: boolean;
}

/** Less than this is nothing that one would go out for, g. */
const LITTLE_G = 100;

/**
 * The last weeks, each as it was expected on its Monday by what was picked up to then, against what came: all of them together,
 * since nobody goes out each week for what also stands in its bed. The beds are taken as they are written down now.
 */
export function picksScored(
  sowings: readonly Sowing[],
  frost: string | null,
  picked: readonly Picked[],
  { today, weeks }: { readonly today: Day; readonly weeks: number }
): PicksScored[] {
  const now = weekOf(today);
  const expected = new Map<string, { g: number; weeks: number }>();
  for (let week = now - weeks; week < now; week++) {
    const monday = mondayOf(week);
    const before = picked.filter((p) => p.day < monday);
    const sown = sowings.filter((s) => s.day < monday);
    for (const { cropId, weeks: of } of cropsAhead(sown, frost, before, monday)) {
      const g = of.find((w) => w.monday === monday)?.expectedG ?? 0;
      const had = expected.get(cropId) ?? { g: 0, weeks: 0 };
      if (g >= LITTLE_G) expected.set(cropId, { g: had.g + g, weeks: had.weeks + 1 });
    }
  }
  const isIn = (day: Day) => weekOf(day) >= now - weeks && weekOf(day) < now;
  return [...expected]
    .map(([cropId, of]) => {
      const pickedG = picked.reduce((a, p) => (p.cropId === cropId && isIn(p.day) ? a + p.g : a), 0);
      const off = Math.abs(Math.log(Math.max(1, pickedG) / of.g));
      return { ...{ cropId, expectedG: of.g, pickedG }, isNear: off <= seasonSpread(of.weeks) };
    })
    .sort((a, b) => b.expectedG - a.expectedG);
}
