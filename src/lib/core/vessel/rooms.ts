export interface Bit {
  readonly id: string;
  readonly u: number;
  readonly ml: number;
  readonly count: number;
  readonly cost: number;
}
export function splitInBits(sizes: readonly Size[]): { bits: Bit[]; scale: number } {
  // One vessel costs `scale` less a credit that grows with its size, so that of two sets with as many
  // vessels the one with more of the larger wins. Credits stay below `scale` and everything below 2^53.
  const all = sizes.reduce((sum, s) => sum + s.n, 0) + 1;
  const places = Math.max(
    0,
    Math.min(sizes.length - 1, Math.floor(Math.log(2 ** 52 / all) / Math.log(all)) - 1)
  );
  const credit = (rank: number) =>
    rank < sizes.length - places ? 0 : all ** (rank - (sizes.length - places));
  const scale = all ** (places + 1);
  const bits = sizes.flatMap((s, rank) =>
    powers(s.n).map((count) => ({
      id: s.id,
      u: s.u * count,
      ml: s.ml * count,
      count,
      cost: count * (scale - credit(rank))
    }))
  );
  return { bits, scale };
}

/** Example: 7 is 1 + 2 + 4, 6 is 1 + 2 + 3: every count up to n is a sum of them. */
function powers(n: number): number[] {
  const out: number[] = [];
  for (let p = 1; n > 0; p *= 2) {
    out.push(Math.min(p, n));
    n -= Math.min(p, n);
  }
  return out;
}
export function traceBack(c: number, takes: Reached['takes']): Record<string, number> {
  const counts: Record<string, number> = {};
  for (let i = takes.length - 1, at = c; i >= 0; i--) {
    const { bit, marks } = takes[i]!;
    if (!marks[at]) continue;
    counts[bit.id] = (counts[bit.id] ?? 0) + bit.count;
    at -= bit.u;
  }
  return counts;
}

/** Which rooms can be reached at which least cost, and which bits were taken on the way there. */
export interface Reached {
  readonly most: number;
  /** Nothing beyond is reached yet. */
  readonly furthest: number;
  readonly cost: Float64Array;
  /** The most that jars of that many steps really hold, ml: rounding each down must not cost the tolerance. */
  readonly ml: Float64Array;
  readonly takes: readonly { readonly bit: Bit; readonly marks: Uint8Array }[];
}

/** The reachable rooms up to a limit, for all sizes or without some; sets that lack other sizes share their start. */
export class Rooms {
  readonly scale: number;
  private readonly limit: number;
  private readonly bits: readonly Bit[];
  private readonly starts = new Map<string, Reached>();

  constructor(limit: number, sizes: readonly Size[]) {
    this.limit = Math.max(
      0,
      Math.min(
        limit,
        sizes.reduce((sum, s) => sum + s.n * s.u, 0)
      )
    );
    const split = splitInBits(sizes);
    this.bits = split.bits;
    this.scale = split.scale;
  }

  without(lacking: readonly string[], others: readonly string[]): Reached {
    const shared = others.join('/');
    let start = this.starts.get(shared);
    if (!start) {
      const most = this.limit;
      const cost = new Float64Array(most + 1).fill(Infinity);
      cost[0] = 0;
      start = extend(
        { most, furthest: 0, cost, ml: new Float64Array(most + 1), takes: [] },
        this.bits.filter((b) => !others.includes(b.id))
      );
      this.starts.set(shared, start);
    }
    return extend(
      start,
      this.bits.filter((b) => others.includes(b.id) && !lacking.includes(b.id))
    );
  }
}

/** The least "cost" per reachable room with more bits: vessels first, then more of the larger sizes. */
function extend(from: Reached, bits: readonly Bit[]): Reached {
  if (bits.length === 0) return from;
  const { most } = from;
  const cost = from.cost.slice();
  const ml = from.ml.slice();
  let furthest = from.furthest;
  const marksOf = (bit: Bit) => {
    const marks = new Uint8Array(most + 1);
    furthest = Math.min(most, furthest + bit.u);
    for (let c = furthest; c >= bit.u; c--) {
      const through = cost[c - bit.u]! + bit.cost;
      if (through < Infinity) ml[c] = Math.max(ml[c]!, ml[c - bit.u]! + bit.ml);
      if (through < cost[c]!) {
        cost[c] = through;
        marks[c] = 1;
      }
    }
    return marks;
  };
  const takes = [...from.takes, ...bits.map((bit) => ({ bit, marks: marksOf(bit) }))];
  return { most, furthest, cost, ml, takes };
}
export interface Size {
  readonly id: string;
  readonly u: number;
  readonly n: number;
  /** Its room, exact. */
  readonly ml: number;
}
