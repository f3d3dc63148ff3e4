import type { Batch } from '../batch/index';
import { wall, type Day } from '../calendar/index';
import { verdictOn } from '../care/index';
import type { Place } from '../kit/index';
import { brineServes, type BrineOrigin, type KeptBrine } from '../pantry/index';

/** What is known of the batch that a brine was drained from. */
export function originOf(b: Batch, { day }: Pick<KeptBrine, 'day'>, places: readonly Place[]): BrineOrigin {
  const till = wall(day, 24);
  return {
    name: b.name,
    sound: b.fillings.every((f) => verdictOn(b, f, places) === null),
    pH: b.readings.findLast((r) => r.at <= till)?.pH ?? null
  };
}

/** Whether a kept brine may be eaten still: not too old, and of no batch of which something was to be thrown away. */
export const stillServes = (
  brine: KeptBrine,
  from: Batch | undefined,
  places: readonly Place[],
  today: Day
): boolean =>
  !brineServes({ ...brine, origin: from ? originOf(from, brine, places) : null }, today).includes('away');
