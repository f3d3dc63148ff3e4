import { standing, type BatchInHand } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { pHCautions, type Caution } from '../safety/index';
import { jarCase } from './jar-case';
import { dayNumberOf } from './tasks';
import { pHLineDay } from './slots';

/** What the pH readings of a batch say today, for its slowest jar. */
export function batchPHCautions(b: BatchInHand, places: readonly Place[], now: WallMinute): Caution[] {
  const first = standing(b)[0];
  const c = first && jarCase(b, first, places);
  if (!c) return [];
  return pHCautions({
    readings: b.readings.map((r) => r.pH),
    day: dayNumberOf(b, now),
    lineDay: pHLineDay(c.style, c.tempC),
    startsNearLine: b.items.some((i) => i.cropId.startsWith('tomato'))
  });
}
