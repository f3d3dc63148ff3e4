import type { Gas } from './gas';

/** What a jar does, as one sees it. */
export const PHASES = ['waking', 'firstBubbles', 'lively', 'lull', 'settling', 'quiet'] as const;
export type Phase = (typeof PHASES)[number];

export interface PhaseFrom {
  readonly phase: Phase;
  /** Hours from the start. */
  readonly from: number;
}

const SMOOTH_HOURS = 3;
const LULL_HOURS = 6;

/**
 * Phases by the gas of an open lid, smoothed over three hours to both sides. The lull is common practice; it is named where
 * bubbles fall under half of a top before the main one for six hours, and that they will is not promised.
 */
export function phasesOf({ rate, bubbles, stepHours }: Gas): PhaseFrom[] {
  const [r, b] = [smooth(rate, stepHours), smooth(bubbles, stepHours)];
  const top = b.reduce((a, x) => Math.max(a, x), 0);
  const wakes = b.findIndex((x) => x >= Math.min(0.5, 0.2 * top));
  if (top <= 0 || wakes < 0) return [{ phase: 'waking', from: 0 }];
  const lively = b.findIndex((x) => x >= 0.35 * top);
  const settles = b.findLastIndex((x) => x >= 0.35 * top) + 1;
  const still = r.findIndex((x, i) => i >= settles && x < Math.max(0.3, 0.04 * top));
  const at = (phase: Phase, i: number): PhaseFrom => ({ phase, from: i * stepHours });
  const lulls = lullsIn(b, lively, stepHours).flatMap(([from, to]) => [at('lull', from), at('lively', to)]);
  return [
    ...[at('waking', 0), at('firstBubbles', wakes), at('lively', lively), ...lulls, at('settling', settles)],
    ...(still < 0 ? [] : [at('quiet', still)])
  ];
}

/** Where bubbles fall under half of an earlier top before the main one, for long enough: from and to, in steps. */
function lullsIn(b: readonly number[], from: number, stepHours: number): [number, number][] {
  const main = b.indexOf(b.reduce((a, x) => Math.max(a, x), 0));
  const found: [number, number][] = [];
  let [top, low] = [0, -1];
  for (let i = from; i < main; i++) {
    top = Math.max(top, b[i]!);
    if (b[i]! < top / 2) {
      if (low < 0) low = i;
    } else if (low >= 0) {
      if ((i - low) * stepHours >= LULL_HOURS) found.push([low, i]);
      [low, top] = [-1, b[i]!];
    }
  }
  return found;
}

function smooth(of: Float64Array, stepHours: number): number[] {
  const by = Math.round(SMOOTH_HOURS / stepHours);
  return Array.from(of, (_, i) => {
    const part = of.subarray(Math.max(0, i - by), Math.min(of.length, i + by + 1));
    return part.reduce((a, x) => a + x, 0) / part.length;
  });
}
