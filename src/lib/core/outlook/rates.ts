import type { Day } from '../calendar/index';
import { priorFrom, type Finished, type RatePrior } from '../forecast/index';
import type { Household } from '../kit/index';
import { styleLike } from '../style/index';
import type { HouseKnows, RateKnown } from './jar';

/** What one batch teaches of how fast its household's ferments go. */
export interface TaughtBySouring extends Finished {
  readonly day: Day;
}

/** Of a style that a household has never made: out by a factor of one and a half either way. */
export const FIRST_PRIOR: RatePrior = { mean: 0, sd: 0.4 };

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
  { places, rounds, crops, resets }: Pick<Household, 'places' | 'rounds' | 'crops' | 'resets'>,
  taught: readonly TaughtBySouring[]
): HouseKnows => ({
  places,
  rounds,
  sugars: sugarsOf(crops),
  rateOf: (styleId) => rateKnown(taught, resets, styleId)
});

/** Sugar of own crops, share, where the household knows it. */
export const sugarsOf = (crops: Household['crops']): HouseKnows['sugars'] =>
  Object.fromEntries(crops.flatMap((c) => (c.sugar === null ? [] : [[c.id, c.sugar]])));
