import type { WallMinute } from '../calendar/index';

interface Noted {
  readonly id: string;
  readonly when: WallMinute;
  readonly of: string;
  readonly pH?: number;
  readonly by?: 'strip' | 'meter';
}
interface CurveAt {
  readonly at: WallMinute;
  readonly pH: { readonly likely: number };
}

/** Three spreads of a pH against the curve, the model's and its instrument's together. */
const STRAY = { strip: 0.97, meter: 0.42 };

/** Readings of pH that do not fit the curve that came of all of them: a slip of the hand, most likely. */
export const straysIn = (noted: readonly Noted[], curve: readonly CurveAt[]): string[] =>
  noted.flatMap((n) => {
    const at = curve.findLast((c) => c.at <= n.when);
    if (n.pH === undefined || !at) return [];
    return Math.abs(n.pH - at.pH.likely) > STRAY[n.by ?? 'strip'] ? [n.id] : [];
  });
