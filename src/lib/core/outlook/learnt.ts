import type { Batch, BatchInHand } from '../batch/index';
import { dayOfWall, type Day, type WallMinute } from '../calendar/index';
import {
  alone,
  forecast,
  gasHoursOf,
  gridOf,
  priorFrom,
  type Finished,
  type RatePrior
} from '../forecast/index';
import type { Household } from '../kit/index';
import { styleLike } from '../style/index';
import { contentsTemps } from './air';
import { aheadOf, type HouseKnows, type RateKnown } from './jar';

/** What one batch teaches of how fast its household's ferments go. */
export interface TaughtBySouring extends Finished {
  readonly day: Day;
}

/** Of a style that a household has never made: out by a factor of one and a half either way. */
export const FIRST_PRIOR: RatePrior = { mean: 0, sd: 0.4 };

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
  const knows = { ...house, rateOf: () => ({ prior: FIRST_PRIOR, batches: 0 }) };
  const jars = b.fillings.flatMap((f) => aheadOf(b, f, knows, now) ?? []);
  const most = jars.reduce<(typeof jars)[number] | undefined>(
    (a, j) => (a && a.noted.length >= j.noted.length ? a : j),
    undefined
  );
  if (!most || most.noted.length === 0) return null;
  const readings = most.noted.map(({ id: _, when, ...r }) => ({ ...r, at: (when - most.from) / 60 }));
  const steps = Math.ceil((Math.max(...readings.map((r) => r.at)) + BEYOND_HOURS) / STEP);
  const tempC = contentsTemps(most.airs, most.from, most.vessel.massKg, { stepHours: STEP, steps });
  const grid = gridOf({ ...most, tempC, stepHours: STEP }, FIRST_PRIOR, [], gasHoursOf(readings));
  const after = forecast(grid, readings).rate;
  const said = alone(after, FIRST_PRIOR);
  return said && { style: styleLike(b.styleId), day: dayOfWall(b.startedAt), ...said };
}

/** By what the household begins a style anew. */
export const rateKey = (styleId: string): string => `rate:${styleLike(styleId)}`;

/** What is held of the next batch of a style, and from how many of its own; a style never made keeps its wide spread. */
export function rateKnown(
  taught: readonly TaughtBySouring[],
  resets: Readonly<Record<string, Day>>,
  styleId: string
): RateKnown {
  const style = styleLike(styleId);
  const counted = taught.filter((t) => t.day > (resets[rateKey(t.style)] ?? ''));
  const batches = counted.filter((t) => t.style === style).length;
  if (counted.length === 0) return { prior: FIRST_PRIOR, batches };
  const { mean, sd } = priorFrom(counted, style);
  return { prior: { mean, sd: batches === 0 ? Math.max(sd, FIRST_PRIOR.sd) : sd }, batches };
}

/** What a household knows of its own ferments, from its places, its crops and the batches that are over. */
export const knowsOf = (
  { places, crops, resets }: Pick<Household, 'places' | 'crops' | 'resets'>,
  taught: readonly TaughtBySouring[]
): HouseKnows => ({
  places,
  sugars: sugarsOf(crops),
  rateOf: (styleId) => rateKnown(taught, resets, styleId)
});

/** Sugar of own crops, share, where the household knows it. */
export const sugarsOf = (crops: Household['crops']): HouseKnows['sugars'] =>
  Object.fromEntries(crops.flatMap((c) => (c.sugar === null ? [] : [[c.id, c.sugar]])));
