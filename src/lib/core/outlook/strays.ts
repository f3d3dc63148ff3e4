import type { CurveAt, Noted } from './types';

/** Three spreads of a pH against the curve, the model's and its instrument's together. */
const STRAY = { strip: 0.97, meter: 0.42 };

/** Readings of pH that do not fit the curve that came of all of them: a slip of the hand, most likely. */
export const straysIn = (noted: readonly Noted[], curve: readonly CurveAt[]): string[] =>
  noted.flatMap((n) => {
    const at = curve.findLast((c) => c.at <= n.when);
    return n.of === 'pH' && at && Math.abs(n.pH - at.pH.likely) > STRAY[n.by] ? [n.id] : [];
  });
