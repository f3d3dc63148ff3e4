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
