/** A value that is not known exactly: its mean and standard deviation, in the value's own unit. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
}

/** Nine times in ten a normal value lies within this many sd of its mean: the 95 % point of the normal curve. */
const NINE_IN_TEN = 1.6448536269514722;

/**
 * The ± that Crockle shows, always and everywhere: nine times in ten the value lies within it.
 * Example: `plusMinus({ mean: 5120, sd: 384 })` is `631.6…`.
 */
export function plusMinus(spread: Spread): number {
  return NINE_IN_TEN * spread.sd;
}

/** The sd behind a range that should hold nine times in ten. Example: `sdOfRange(0.96, 0.997)` is `0.01124…`. */
export function sdOfRange(low: number, high: number): number {
  return (high - low) / 2 / NINE_IN_TEN;
}

/** The relative sd of a lognormal value with geometric standard deviation gsd. Example: `relativeSd(1)` is `0`. */
export function relativeSd(gsd: number): number {
  return Math.sqrt(Math.exp(Math.log(gsd) ** 2) - 1);
}

/** Independent errors add as squares. Example: `together(3, 4)` is `5`. */
export function together(...sds: number[]): number {
  return Math.hypot(...sds);
}
