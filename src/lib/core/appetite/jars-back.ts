import type { EatDowns } from './eat-down';

/** A vessel that holds something, and in how many days it comes back empty; null: not within a year. */
export interface JarBack {
  readonly jarId: string;
  /** Nine times in ten between these. */
  readonly early: number | null;
  readonly likely: number | null;
  readonly late: number | null;
}

/** When vessels come back that are eaten out of one after another, in the order of their jars. */
export function jarsBack(jarIds: readonly string[], { likely, slow, fast }: EatDowns): JarBack[] {
  return jarIds.map((jarId, i) => {
    const all = [fast.emptied[i] ?? null, likely.emptied[i] ?? null, slow.emptied[i] ?? null];
    const days = all.map((day) => day ?? Infinity);
    const orNever = (day: number) => (day === Infinity ? null : day);
    // A slow table may lose early to spoiling what a fast one eats later.
    return {
      ...{ jarId, likely: all[1] ?? null },
      ...{ early: orNever(Math.min(...days)), late: orNever(Math.max(...days)) }
    };
  });
}

/**
 * How many vessels of a kind are free on a day, those that are free now among them. Each comes back between its earliest and
 * latest nine times in ten; all of them late at once, or early, is rarer.
 * Example: two free, one that comes back in 3 to 9 days and most likely in 5: in five days three, two at least.
 */
export function freeOn(
  back: readonly JarBack[],
  jarId: string,
  freeNow: number,
  inDays: number
): { readonly least: number; readonly likely: number; readonly most: number } {
  const of = back.filter((b) => b.jarId === jarId);
  const by = (day: (b: JarBack) => number | null) =>
    freeNow + of.filter((b) => (day(b) ?? Infinity) <= inDays).length;
  return { least: by((b) => b.late), likely: by((b) => b.likely), most: by((b) => b.early) };
}
