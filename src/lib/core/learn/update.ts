/**
 * The one way Crockle learns: a table's value with its spread, and the household's own measurements.
 * Weights and ratios are kept as lognormal, shares between 0 and 1 as logit-normal.
 */
export interface Prior {
  readonly mean: number;
  readonly sd: number;
  readonly scale: 'log' | 'logit';
}

export interface Learned {
  readonly mean: number;
  /** Spread of the next value, one sd: what is not known of this household, and what changes from batch to batch. */
  readonly sd: number;
  /** Own measurements behind it; 0: straight from the table. */
  readonly n: number;
}

/** A measurement that speaks of other things too: `weight` between 0 and 1 is the share of it that is this value's. */
export interface Measured {
  readonly value: number;
  readonly weight: number;
}

const out = { log: Math.log, logit: (p: number) => Math.log(p / (1 - p)) };
const back = { log: Math.exp, logit: (x: number) => 1 / (1 + Math.exp(-x)) };
/** How fast the natural value moves with the transformed one. */
const slope = { log: (m: number) => m, logit: (m: number) => m * (1 - m) };

/**
 * Updates a table value by own measurements. `batchSd` is the spread from one batch to the next on the transformed
 * scale; what the table's spread has beyond it lies between households and shrinks as measurements come in.
 * Measurements outside the scale (a share of 0 or 1, a weight of 0) are left out. A measurement that is only partly of
 * this value counts by its weight: its spread is as much wider.
 * Example: trim 0.80 ± 0.06 after six batches at 0.72 with batchSd 0.25 is about 0.73.
 */
export function learn(prior: Prior, measured: readonly (number | Measured)[], batchSd: number): Learned {
  const { scale } = prior;
  const usable = measured
    .map((m) => (typeof m === 'number' ? { value: m, weight: 1 } : m))
    .filter((m) => m.value > 0 && (scale === 'log' || m.value < 1) && m.weight > 0)
    .map((m) => ({ at: out[scale](m.value), weight: m.weight }));
  const at = out[scale](prior.mean);
  const tableSd = prior.sd / slope[scale](prior.mean);
  const within = Math.min(batchSd ** 2, 0.75 * tableSd ** 2);
  const between = tableSd ** 2 - within;
  const n = usable.length;
  if (n === 0) return { mean: prior.mean, sd: prior.sd, n };
  const precision = 1 / between + usable.reduce((a, m) => a + m.weight, 0) / within;
  const location = (at / between + usable.reduce((a, m) => a + m.weight * m.at, 0) / within) / precision;
  const mean = back[scale](location);
  return { mean, sd: Math.sqrt(1 / precision + within) * slope[scale](mean), n };
}

/** Spread of the trim yield from one batch to the next, on the logit scale. Common practice, no source. */
export const TRIM_BATCH_SD = 0.2;
/** Spread of a pick's mean piece weight from pick to pick, on the log scale. Common practice, no source. */
export const PIECE_BATCH_SD = 0.15;
/** Spread of a packing fraction from batch to batch, on the logit scale. Common practice, no source. */
export const PACKING_BATCH_SD = 0.15;
/** Brine poured over brine planned: between kitchens about a tenth, from batch to batch less. Common practice. */
export const BRINE_USE = { mean: 1, sd: 0.1, scale: 'log' } as const satisfies Prior;
export const BRINE_BATCH_SD = 0.06;
/** Spread of one's own level spoon from time to time. Common practice, no source. */
export const OWN_SPOON_GSD = 1.03;
