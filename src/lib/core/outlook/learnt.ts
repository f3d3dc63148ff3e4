import type { Batch, BatchInHand } from '../batch/index';
import { dayOfWall, type WallMinute } from '../calendar/index';
import { USUAL_ROUNDS } from '../kit/index';
import { alone, rateRead } from '../forecast/index';
import { styleLike } from '../style/index';
import { contentsTemps } from './air';
import { aheadOf, type HouseKnows } from './jar';
import { FIRST_PRIOR, type TaughtBySouring } from './rates';

const STEP = 2;
/** Gas is read over three hours to both sides. */
const BEYOND_HOURS = 4;

/**
 * What a batch's readings say of its rate by themselves; null of one that is still on the counter, or of which nothing was
 * read. Of its jars the one that was read most speaks.
 */
export function taughtBySouring(
  b: BatchInHand | Batch,
  house: Pick<HouseKnows, 'places' | 'sugars'>,
  now: WallMinute
): TaughtBySouring | null {
  const cold = new Set(house.places.filter((p) => p.kind === 'cold').map((p) => p.id));
  const stands = b.fillings.some((f) => f.emptiedAt === null && !cold.has(f.stays.at(-1)?.placeId ?? ''));
  if (stands) return null;
  const knows = { ...house, rounds: USUAL_ROUNDS, rateOf: () => ({ prior: FIRST_PRIOR, batches: 0 }) };
  const jars = b.fillings.flatMap((f) => aheadOf(b, f, knows, now) ?? []);
  const most = jars.reduce<(typeof jars)[number] | undefined>(
    (a, j) => (a && a.noted.length >= j.noted.length ? a : j),
    undefined
  );
  if (!most || most.noted.length === 0) return null;
  const readings = most.noted.map(({ id: _, when, ...r }) => ({ ...r, at: (when - most.from) / 60 }));
  const steps = Math.ceil((Math.max(...readings.map((r) => r.at)) + BEYOND_HOURS) / STEP);
  const tempC = contentsTemps(most.airs, most.from, most.vessel.massKg, { stepHours: STEP, steps });
  const after = rateRead({ ...most, tempC, stepHours: STEP }, FIRST_PRIOR, readings);
  const said = alone(after, FIRST_PRIOR);
  return said && { style: styleLike(b.styleId), day: dayOfWall(b.startedAt), ...said };
}
