import { Rooms, traceBack, type Reached, type Size } from './rooms';

/**
 * Which jars: a bounded knapsack over room in steps of 10 ml.
 * Wishes in order: nothing left over, little spare room, few vessels, then the closest. See docs/architecture.md.
 */
export interface FreeSize {
  readonly id: string;
  /** Usable volume, ml. */
  readonly usableMl: number;
  /** Owned and free. */
  readonly free: number;
}

export interface FitRules {
  /** The room in a set may be at most v / leastFill. */
  readonly leastFill: number;
  /** How many different sets to look for. */
  readonly sets?: 1 | 3;
}

export interface JarSet {
  readonly counts: Readonly<Record<string, number>>;
  readonly vessels: number;
  /** Room the set has and room the produce needs, ml, exact. */
  readonly roomMl: number;
  readonly needMl: number;
  readonly leftMl: number;
  readonly spareMl: number;
  readonly key: Key;
}

/** Left beyond tolerance, spare class, vessels, left + spare; steps of 10 ml. Smaller is better, first one first. */
export type Key = readonly [number, number, number, number];

export interface Fit {
  readonly sets: readonly JarSet[];
  /** ml of room wanting when every free jar is full; 0 when some set holds all. */
  readonly leftMl: number;
  /** Sizes, smallest first, one more of which would take what is left. */
  readonly oneMore: readonly string[];
}

const STEP_ML = 10;

/** What may be pressed in beyond the line: 3 % of the produce, at most 100 ml. */
const toleranceMl = (needMl: number): number => Math.min(0.03 * needMl, 100) + 1e-9;

/**
 * What the order of wishes says of a set with room c for produce v, both in steps. Whether the rest is within the
 * tolerance is judged by what is really left, ml, which the rounding to steps overstates.
 */
export function fitKey(
  v: number,
  c: number,
  vessels: number,
  leftMl = (v - c) * STEP_ML,
  needMl = v * STEP_ML
): Key {
  const left = Math.max(0, v - c);
  const spare = Math.max(0, c - v);
  const spareClass = Math.max(0, Math.ceil((10 * spare) / v) - 1);
  return [leftMl <= toleranceMl(needMl) ? 0 : left, spareClass, vessels, left + spare];
}

/** Lexicographic: below 0 when a is better. Example: `compareKeys([0,0,1,5],[0,0,2,0])` is `-1`. */
export function compareKeys(a: Key, b: Key): number {
  for (let i = 0; i < 4; i++) if (a[i] !== b[i]) return (a[i] ?? 0) < (b[i] ?? 0) ? -1 : 1;
  return 0;
}

/**
 * The three best different sets of jars for so much room, best first; fewer where there are no others.
 * `needMl` is flesh volume over packing (or shreds over bulk weight). No set: see `leftMl` and `oneMore`.
 * Example: 2884.6 ml into 4 pints, 5 quarts, 2 half-gallons is first 1 + 1 + 1.
 */
export function chooseJars(needMl: number, jars: readonly FreeSize[], rules: FitRules): Fit {
  const v = Math.ceil(needMl / STEP_ML - 1e-9);
  const sizes = jars
    .map((j) => ({
      id: j.id,
      u: Math.floor(j.usableMl / STEP_ML + 1e-9),
      n: Math.max(0, Math.floor(j.free)),
      ml: j.usableMl
    }))
    .filter((s) => s.u > 0 && s.n > 0)
    .sort((a, b) => a.u - b.u || (a.id < b.id ? -1 : 1));
  if (v <= 0) return { sets: [], leftMl: 0, oneMore: [] };
  const most = Math.floor(v / rules.leastFill + 1e-9);
  // Sets that lack the same sizes are worked out once, and what they share is reached once.
  const known = new Map<string, Found | undefined>();
  const near = new Rooms(Math.min(most, Math.floor(1.1 * v + 1e-9)), sizes);
  const all = new Rooms(most, sizes);
  const best = (without: readonly string[], others: readonly string[] = without): Found | undefined => {
    const lacking = [...new Set(without)].sort();
    const name = lacking.join('/');
    if (!known.has(name)) known.set(name, bestSet(v, needMl, near, all, lacking, others));
    return known.get(name);
  };
  const first = best([]);
  const steps = first ? [first, ...(rules.sets === 1 ? [] : others(first, best, v, sizes))] : [];
  const sets = steps.map((s) => describe(s, needMl, jars));
  const allMl = sizes.reduce((sum, s) => sum + s.n * usable(jars, s.id), 0);
  const leftMl = sets[0]?.leftMl ?? Math.max(0, needMl - allMl);
  return { sets, leftMl, oneMore: leftMl > 0 ? onesMore(leftMl, sets[0]?.roomMl ?? 0, most, jars) : [] };
}

interface Found {
  readonly counts: Record<string, number>;
  readonly c: number;
  readonly key: Key;
}

/** Below 0 when a is better; of two equal sets the one with more of the larger size. */
function compareFound(a: Found, b: Found, sizes: readonly Size[]): number {
  const byKey = compareKeys(a.key, b.key);
  const differs = [...sizes].reverse().find((s) => (a.counts[s.id] ?? 0) !== (b.counts[s.id] ?? 0));
  return byKey || !differs ? byKey : (b.counts[differs.id] ?? 0) - (a.counts[differs.id] ?? 0);
}

function others(
  first: Found,
  best: (without: string[], others: string[]) => Found | undefined,
  v: number,
  sizes: readonly Size[]
): Found[] {
  const better = (found: (Found | undefined)[]) =>
    found.reduce<Found | undefined>(
      (a, b) => (b && (!a || compareFound(b, a, sizes) < 0) ? b : a),
      undefined
    );
  const inFirst = Object.keys(first.counts);
  const second = better(inFirst.map((a) => best([a], inFirst)));
  if (!second) return [];
  const inEither = [...new Set([...inFirst, ...Object.keys(second.counts)])].sort();
  const pairs = inFirst.flatMap((a) => Object.keys(second.counts).map((b) => [a, b]));
  const third = better(pairs.map((pair) => best(pair, inEither)));
  const worthShowing = (s: Found | undefined): s is Found => !!s && v - s.c <= 0.15 * v;
  return [second, third].filter(worthShowing);
}

/**
 * The best set without the sizes it lacks: sought first among those with nothing left and no spare to speak of, which
 * win over all others, and only if there is none among all. `others` are lacked by its sisters.
 */
function bestSet(
  v: number,
  needMl: number,
  near: Rooms,
  all: Rooms,
  lacking: readonly string[],
  others: readonly string[]
): Found | undefined {
  const found = bestWithin(v, needMl, near, lacking, others);
  return found && found.key[0] === 0 && found.key[1] === 0
    ? found
    : bestWithin(v, needMl, all, lacking, others);
}

function bestWithin(
  v: number,
  needMl: number,
  rooms: Rooms,
  lacking: readonly string[],
  others: readonly string[]
): Found | undefined {
  const reached = rooms.without(lacking, others);
  const at = bestRoom(v, needMl, reached, rooms.scale);
  return at < 0
    ? undefined
    : {
        counts: traceBack(at, reached.takes),
        c: at,
        key: fitKey(v, at, Math.ceil(reached.cost[at]! / rooms.scale), needMl - reached.ml[at]!, needMl)
      };
}

/** The room with the best key; of equal keys the cheapest. The order of `fitKey`, without making one per room. */
function bestRoom(v: number, needMl: number, { most, cost, ml }: Reached, scale: number): number {
  const tolerance = toleranceMl(needMl);
  let [at, bestLeft, bestSpare, bestVessels, bestOff] = [-1, Infinity, Infinity, Infinity, Infinity];
  for (let c = 1; c <= most; c++) {
    const price = cost[c]!;
    if (price === Infinity) continue;
    const off = Math.abs(v - c);
    const left = c < v && needMl - ml[c]! > tolerance ? off : 0;
    if (left > bestLeft) continue;
    const spare = c > v ? Math.max(0, Math.ceil((10 * off) / v) - 1) : 0;
    const vessels = Math.ceil(price / scale);
    const order =
      left - bestLeft ||
      spare - bestSpare ||
      vessels - bestVessels ||
      off - bestOff ||
      price - (cost[at] ?? Infinity);
    if (order < 0) [at, bestLeft, bestSpare, bestVessels, bestOff] = [c, left, spare, vessels, off];
  }
  return at;
}

const usable = (jars: readonly FreeSize[], id: string) => jars.find((j) => j.id === id)?.usableMl ?? 0;

function describe(found: Found, needMl: number, jars: readonly FreeSize[]): JarSet {
  return { ...setOf(found.counts, needMl, jars), key: found.key };
}

/**
 * A set chosen by hand, measured the same way.
 * Example: one jar of 900 ml for 1000 ml of produce leaves `100`.
 */
export function setOf(
  counts: Readonly<Record<string, number>>,
  needMl: number,
  jars: readonly FreeSize[]
): JarSet {
  const kept = Object.entries(counts).filter(([id, n]) => n > 0 && usable(jars, id) > 0);
  const roomMl = kept.reduce((sum, [id, n]) => sum + n * usable(jars, id), 0);
  const vessels = kept.reduce((sum, [, n]) => sum + n, 0);
  const steps = (ml: number) => Math.ceil(ml / STEP_ML - 1e-9);
  return {
    counts: Object.fromEntries(kept),
    vessels,
    roomMl,
    needMl,
    leftMl: Math.max(0, needMl - roomMl),
    spareMl: Math.max(0, roomMl - needMl),
    key: fitKey(
      Math.max(1, steps(needMl)),
      Math.floor(roomMl / STEP_ML + 1e-9),
      vessels,
      needMl - roomMl,
      needMl
    )
  };
}

function onesMore(leftMl: number, roomMl: number, most: number, jars: readonly FreeSize[]): string[] {
  return [...jars]
    .sort((a, b) => a.usableMl - b.usableMl)
    .filter((j) => j.usableMl >= leftMl && roomMl + j.usableMl <= most * STEP_ML)
    .map((j) => j.id);
}
