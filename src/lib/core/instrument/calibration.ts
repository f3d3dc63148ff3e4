import type { WallMinute } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { electrodeOf, pHOf, type Dip } from './electrode';

/** What the electrode said in the two buffers, and when. */
export interface Calibration {
  readonly at: WallMinute;
  readonly seven: Dip;
  readonly four: Dip;
}

/** A meter's reading is taken so many days after its buffers; the careful do it each day that they measure. Common practice. */
export const CALIBRATION_DAYS = 7;

/** Beyond these an electrode is tired, or it was no buffer that it stood in. Common practice, no source. */
const SLOPE = { from: 0.85, to: 1.05 };
const MOST_ZERO_MV = 45;

/** Two buffers that make a line; refuses what no sound electrode says in them. */
export function buffersRead(said: { readonly seven: Dip; readonly four: Dip }): Outcome<typeof said> {
  const { slope, zeroMv } = electrodeOf(said);
  const percent = Math.round(slope * 100);
  // The first in 4.01 and the second in 7.00 is the same line, walked the other way.
  if (slope < 0) return refuse('buffers-swapped', { field: 'sevenMv' });
  if (slope < SLOPE.from || slope > SLOPE.to)
    return refuse('buffers-strange', { field: 'fourMv', values: { percent } });
  if (Math.abs(zeroMv) > MOST_ZERO_MV)
    return refuse('electrode-off', { field: 'sevenMv', values: { mV: Math.round(zeroMv) } });
  return done(said);
}

/** Whole days since it stood in its buffers. */
export const calibrationDays = (c: Calibration, now: WallMinute): number => Math.floor((now - c.at) / 1440);

/** Whether a reading may be taken by it now. */
export const isCalibrated = (c: Calibration | null, now: WallMinute): c is Calibration =>
  c !== null && now - c.at <= CALIBRATION_DAYS * 1440;

/**
 * The pH of what stands on the line, to a hundredth; refused without buffers, and when they lie too far back.
 * Example: nothing calibrated is `'meter-not-calibrated'`.
 */
export function pHOnLine(c: Calibration | null, dip: Dip, now: WallMinute): Outcome<number> {
  if (!c) return refuse('meter-not-calibrated', { field: 'pH' });
  if (!isCalibrated(c, now))
    return refuse('calibration-old', { field: 'pH', values: { days: calibrationDays(c, now) } });
  const pH = Math.round(pHOf(electrodeOf(c), dip) * 100) / 100;
  return pH >= 2 && pH <= 8 ? done(pH) : refuse('ph-out-of-range', { field: 'pH', values: { said: pH } });
}
