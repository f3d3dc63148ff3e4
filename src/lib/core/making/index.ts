/** So many of each kind of jar. */
export type Counts = Readonly<Record<string, number>>;

/** One of the benches on which something is being made, as the others must know it. */
export interface Making {
  readonly id: string;
  /** It is under way: what it takes is in hands already. */
  readonly running?: boolean | undefined;
  /** Its place in the row of those begun; undefined: nothing was chosen on it yet. */
  readonly begun?: number | undefined;
  /** Chosen by hand; null: the best set that is free. */
  readonly counts?: Counts | null | undefined;
  /** What it would take as it stood when it was last seen. */
  readonly holds?: Counts | undefined;
}

/**
 * Jars that are not free for one making, because another holds them: no jar is promised twice. What is under way goes before
 * what is chosen by hand, that before what is not, and among alike the one that was begun earlier.
 * Example: two that chose nothing by hand: the later sees the earlier's jars as taken, the earlier sees all as free.
 */
export function heldByOthers(mine: Making, others: readonly Making[]): Counts {
  const out: Record<string, number> = {};
  const rank = (m: Making) => (m.running === true ? 2 : m.counts != null ? 1 : 0);
  const goesBefore = (m: Making) =>
    rank(m) === rank(mine) ? (m.begun ?? Infinity) < (mine.begun ?? Infinity) : rank(m) > rank(mine);
  for (const other of others.filter((m) => m.id !== mine.id && goesBefore(m)))
    for (const [jarId, n] of Object.entries(other.counts ?? other.holds ?? {}))
      out[jarId] = (out[jarId] ?? 0) + n;
  return out;
}
