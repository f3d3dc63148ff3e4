import type { EatenOf } from './eaten';

/** How much of a kind one person eats in a week, g of vegetables, and one sd of its logarithm. */
export interface Appetite {
  readonly personWeekG: number;
  readonly sd: number;
  /** How much is taken at once, g. */
  readonly biteG: number;
  /** So many grams eaten taught it; 0: it is a first guess. */
  readonly learntFromG: number;
}

/** Before anything is known: a small helping on a good many days, taken by the bowl. Common practice, no source. */
const FIRST = { personWeekG: 70, biteG: 200, worth: 1 };

/**
 * What is eaten comes by helpings, more in one week than in the next: gamma over Poisson, each helping as large as it was
 * taken. Example: 600 g in six weeks of two people, by helpings of 150 g: `53` g a week each.
 */
export function appetiteOf({ g, personWeeks, biteG }: EatenOf): Appetite {
  const bite = biteG ?? FIRST.biteG;
  const shape = FIRST.worth + g / bite;
  const weeks = (FIRST.worth * bite) / FIRST.personWeekG + personWeeks;
  return { personWeekG: (bite * shape) / weeks, sd: 1 / Math.sqrt(shape), biteG: bite, learntFromG: g };
}
