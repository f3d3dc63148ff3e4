import type { RatePrior } from './filter';

/** What a finished batch says of its household by itself: of which style, ln rate and its variance. */
export interface Finished {
  readonly style: string;
  readonly mean: number;
  readonly variance: number;
}

/** Spreads of ln rate: between households, between their styles, from batch to batch. Set. */
const SD = { house: 0.15, style: 0.12, batch: 0.25 };

/** What the readings alone say: the posterior without its prior; null where they say nothing. Example: 0.2 ± 0.1 after 0 ± 0.3 is 0.225, 0.01125. */
export function alone(after: RatePrior, before: RatePrior): { mean: number; variance: number } | null {
  const precision = 1 / after.sd ** 2 - 1 / before.sd ** 2;
  if (!(precision > 0)) return null;
  const mean = (after.mean / after.sd ** 2 - before.mean / before.sd ** 2) / precision;
  return { mean, variance: 1 / precision };
}

/**
 * What is held of the next batch of a style, from all finished ones: a Kalman filter over what the household and each style
 * add. Example: shreds 0.3 (0.01), shreds 0.2 (0.02), kimchi 0.1 (0.01): shreds 0.127 ± 0.283, a new style 0.0792 ± 0.300.
 */
export function priorFrom(finished: readonly Finished[], style: string): RatePrior {
  const styles = [...new Set([...finished.map((f) => f.style), style])];
  const n = styles.length + 1;
  let mean = Array.from({ length: n }, () => 0);
  let cov = mean.map((_, i) => mean.map((__, j) => (i === j ? (i === 0 ? SD.house : SD.style) ** 2 : 0)));
  for (const f of finished) {
    const k = 1 + styles.indexOf(f.style);
    const seen = cov.map((row) => row[0]! + row[k]!);
    const spread = seen[0]! + seen[k]! + SD.batch ** 2 + f.variance;
    const off = f.mean - mean[0]! - mean[k]!;
    const [was, gain] = [cov, seen.map((s) => s / spread)];
    mean = mean.map((m, i) => m + gain[i]! * off);
    cov = was.map((row, i) => row.map((c, j) => c - gain[i]! * seen[j]!));
  }
  const k = 1 + styles.indexOf(style);
  const variance = cov[0]![0]! + 2 * cov[0]![k]! + cov[k]![k]!;
  return { mean: mean[0]! + mean[k]!, sd: Math.sqrt(variance + SD.batch ** 2) };
}
