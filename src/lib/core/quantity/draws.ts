/** Nine times in ten between `low` and `high`. */
export interface Band {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** Where draws lie nine times in ten, and their middle; 0 where there are none. Example: of 1 to 100 `{ low: 6, middle: 51, high: 96 }`. */
export function band(values: readonly number[]): Band {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (q: number) => sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? 0;
  return { low: at(0.05), middle: at(0.5), high: at(0.95) };
}

/** Normal draws from a seed: a multiplicative congruential generator (Park and Miller) and Box-Muller. */
export function gaussian(seed: number): () => number {
  let state = (Math.abs(Math.floor(seed)) % 2147483646) + 1;
  const uniform = () => (state = (state * 48271) % 2147483647) / 2147483647;
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const value = spare;
      spare = undefined;
      return value;
    }
    const r = Math.sqrt(-2 * Math.log(uniform()));
    const turn = 2 * Math.PI * uniform();
    spare = r * Math.sin(turn);
    return r * Math.cos(turn);
  };
}
