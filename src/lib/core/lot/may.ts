import { type Outcome, refuse, done } from '../refusal/index';
import { type Lot, type Aside, asideG } from './lot';

/** Whether so many grams may leave the Garden, or a bench. */
export function mayTake(lot: Lot, g: number, bench: string | null): Outcome<number> {
  const there = bench === null ? lot.gardenG : (lot.benches[bench]?.g ?? 0);
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g > there + 0.5)
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: there } });
  return done(Math.min(g, there));
}

/** Whether a pick on the bench may be sorted so: what leaves it and what is prepared add up to no more than it is. */
export function maySort(
  lot: Pick<Lot, 'benchG'>,
  culledG: number,
  aside: Aside,
  preparedG: number
): Outcome<number> {
  const outG = culledG + asideG(aside);
  // Washing leaves some water on: a twentieth.
  if (outG + preparedG > lot.benchG * 1.05 + 5)
    return refuse('sorted-too-much', {
      field: 'prepared',
      values: { saidG: outG + preparedG, thereG: lot.benchG }
    });
  return done(outG);
}

/** Whether the weigh-in may be corrected to so much: never below what has already left the Garden. */
export function mayCorrect(lot: Lot, g: number): Outcome<number> {
  const gone = lot.weighed.g - lot.gardenG;
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g < gone - 0.5) return refuse('less-than-used', { field: 'weight', values: { saidG: g, goneG: gone } });
  return done(g);
}
