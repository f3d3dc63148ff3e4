/**
 * Shares a mass over jars in proportion to their usable volumes; the parts add up to the whole.
 * Example: 1050 g over 870.8, 870.8 and 428.5 ml is 421.3, 421.3 and 207.3 g.
 */
export function shareByRoom(totalG: number, usable: readonly number[]): number[] {
  const all = usable.reduce((a, b) => a + b, 0);
  return usable.map((u) => (all === 0 ? 0 : (totalG * u) / all));
}

/**
 * Fills jars one after the other, largest first, each to its usable volume; what is left goes into the last.
 * `volumeMl` beyond all jars stays out. Answers the volume in each, in the order given.
 * Example: 1500 ml into 928, 928 ml is 928 and 572.
 */
export function fillInTurn(volumeMl: number, usable: readonly number[]): number[] {
  const order = usable.map((u, i) => [u, i] as const).sort((a, b) => b[0] - a[0] || a[1] - b[1]);
  const out = usable.map(() => 0);
  let rest = volumeMl;
  for (const [u, i] of order) {
    out[i] = Math.min(u, rest);
    rest -= out[i] ?? 0;
  }
  return out;
}

/** Up to so much room a vessel is a jar; above it, as many as it holds litres. Common practice, no source. */
const ONE_JAR_ML = 2000;

/**
 * What the vessels count for, where something goes in by the jar: nobody puts two cloves into a whole crock.
 * Example: two jars of 900 ml and a crock of 13 200 ml count as `15`.
 */
export const jarsWorth = (roomsMl: readonly number[]): number =>
  roomsMl.reduce((a, ml) => a + (ml <= ONE_JAR_ML ? 1 : Math.round(ml / 1000)), 0);
