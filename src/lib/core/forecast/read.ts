import { acidityOf, sourIndex } from './acidity';
import { between } from './course';
import type { Pace } from './pace';
import type { Course } from './types';

/** What somebody read of the jar, so many hours after its start. */
export type Reading = { readonly at: number } & (
  | { readonly of: 'pH'; readonly pH: number; readonly by: 'strip' | 'meter' }
  | { readonly of: 'acidity'; readonly percent: number }
  /** How sour it tasted, 0 to 5. */
  | { readonly of: 'taste'; readonly sour: number }
  | { readonly of: 'gas'; readonly seen: 'none' | 'slow' | 'lively' }
);

/** Against slips: one reading in twenty says nothing. */
const orSlip = (density: number): number => 0.95 * density + 0.05 * 0.3;
/** A normal density but for its constant, against which the slips are set. */
const normal = (x: number, sd: number): number => Math.exp(-0.5 * (x / sd) ** 2) / sd;
/** The model's own spread of pH, and each instrument's. */
const PH_SD = { model: 0.12, strip: 0.3, meter: 0.07 };
const [ACIDITY_SD, TASTE_SD] = [0.12, 0.7];

/** How sour a taste is said to be, 0 to 5, at a sour index. Example: `2.48` at 20. */
export const tasteOf = (sour: number): number =>
  Math.min(5, Math.max(0, (5 * Math.log(1 + sour / 6)) / Math.log(1 + 110 / 6)));

/** A course as far as it is read: its acid and its gas. */
interface Seen {
  readonly course: Course;
  readonly gas: Float64Array;
}

/** How well a reading goes with a course: a density, but for its constant. */
export function likelihood(r: Reading, { course, gas }: Seen, { inside, table }: Pace): number {
  const h = course.stepHours;
  const acid = between(course.acid, r.at / h);
  switch (r.of) {
    case 'pH':
      return orSlip(normal(r.pH - table.pH(acid), Math.hypot(PH_SD.model, PH_SD[r.by])));
    case 'acidity':
      return orSlip(normal(Math.log(r.percent / acidityOf(inside, acid)), ACIDITY_SD));
    case 'taste':
      return orSlip(normal(r.sour - tasteOf(sourIndex(acid, table.pH(acid))), TASTE_SD));
    case 'gas':
      return gasLikely(r.seen, meanAround(gas, r.at, h));
  }
}

/** Visible gas about three hours around, ml/(kg·h), as people say it. */
function gasLikely(seen: 'none' | 'slow' | 'lively', rate: number): number {
  const over = (mark: number) => 1 / (1 + Math.exp(-(Math.log(rate + 0.2) - Math.log(mark)) / 0.5));
  const [lively, some] = [over(5.2), over(1)];
  const p = { lively, slow: some - lively, none: 1 - some }[seen];
  return 0.96 * p + 0.04 / 3;
}

/** Gas is read over so much time around it. */
export const AROUND_HOURS = 3;
function meanAround(of: Float64Array, at: number, stepHours: number): number {
  const from = Math.max(0, Math.round((at - AROUND_HOURS) / stepHours));
  const to = Math.min(of.length - 1, Math.round((at + AROUND_HOURS) / stepHours));
  let sum = 0;
  for (let i = from; i <= to; i++) sum += of[i]!;
  return to >= from ? sum / (to - from + 1) : 0;
}
