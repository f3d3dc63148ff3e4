import type { Day } from '../calendar/index';
import { dayOfWall } from '../calendar/index';
import {
  BRINE_BATCH_SD,
  BRINE_USE,
  learn,
  PACKING_BATCH_SD,
  type Learned,
  type Measured
} from '../learn/index';
import { cutFor, styleMade } from '../style/index';
import { packsInStyle } from '../vessel/index';
import type { Batch } from './batch';

/** Jars packed at least so full say how tight a cut packs. */
const FULL = 0.9;
/** One crop makes up so much of a batch that its packing is that crop's. */
const MAIN = 0.8;
/** Less of a mixed batch says nothing about a crop. Common practice, no source. */
const LEAST = 0.2;
/** Spread of the table's packing fractions. Common practice, no source. */
const PACKING_SD = 0.06;

/** What one batch teaches: how its brine ran against the plan, and how its jars packed. */
export interface TaughtByBatch {
  readonly day: Day;
  /** Brine poured / brine planned. */
  readonly use: number;
  readonly filled: Filled | null;
}

/** Full jars whose brine was said. */
interface Filled {
  /** 1 − brine poured / room. */
  readonly packed: number;
  readonly parts: readonly Part[];
}
interface Part {
  readonly key: string;
  readonly table: number;
  readonly fleshMl: number;
  /** Of the flesh in the jars. */
  readonly share: number;
}

const logit = (p: number) => Math.log(p / (1 - p));
const share = (x: number) => 1 / (1 + Math.exp(-x));

/**
 * From what batches with a measured brine teach: packing = 1 − brine poured / room of full jars, by crop and cut, and how
 * the brine runs against the plan. Mixed jars teach after the plain ones: what they packed tighter or looser than their
 * crops should (Σ V / Σ V/φ), each crop is taught by its share. Batches up to a reset day are left out.
 * Example: 1700 ml poured into 2784 ml of full jars is a packing of 0.39.
 */
export function learntFilling(
  poured: readonly TaughtByBatch[],
  resets: Readonly<Record<string, Day>>
): { packings: Record<string, Learned>; brineUse: Learned } {
  const uses = poured.filter((t) => t.day > (resets.brine ?? '')).map((t) => t.use);
  const filled = poured.flatMap(({ day, filled }) => (filled ? [{ ...filled, day }] : []));
  const plain = filled.filter((f) => f.parts.some((p) => p.share >= MAIN));
  const mixed = filled.filter((f) => !plain.includes(f));

  const measured = new Map<string, Measured[]>();
  const table = new Map(filled.flatMap((f) => f.parts.map((p) => [p.key, p.table] as const)));
  const tell = (f: { day: Day }, key: string, m: Measured) => {
    if (f.day <= (resets[`packing:${key}`] ?? '')) return;
    const known = measured.get(key);
    if (known) known.push(m);
    else measured.set(key, [m]);
  };
  const taught = () =>
    Object.fromEntries(
      [...measured].map(([key, all]) => [
        key,
        learn({ mean: table.get(key) ?? 0, sd: PACKING_SD, scale: 'logit' }, all, PACKING_BATCH_SD)
      ])
    );
  for (const f of plain)
    for (const p of f.parts.filter((p) => p.share >= MAIN)) tell(f, p.key, { value: f.packed, weight: 1 });
  const known = taught();
  for (const f of mixed) {
    const of = (p: Part) => known[p.key]?.mean ?? p.table;
    const flesh = f.parts.reduce((a, p) => a + p.fleshMl, 0);
    const expected = flesh / f.parts.reduce((a, p) => a + p.fleshMl / of(p), 0);
    const tighter = logit(f.packed) - logit(expected);
    for (const p of f.parts.filter((p) => p.share >= LEAST))
      tell(f, p.key, { value: share(logit(of(p)) + tighter), weight: p.share });
  }
  return { packings: taught(), brineUse: learn(BRINE_USE, uses, BRINE_BATCH_SD) };
}

/** Nothing where nobody said what brine was poured. */
export function taughtByBatch(b: Batch): TaughtByBatch[] {
  if (!b.brineSaid || b.brineUsedMl === null || !b.brinePlannedMl) return [];
  const use = b.brineUsedMl / b.brinePlannedMl;
  return [{ day: dayOfWall(b.startedAt), use, filled: filledOf(b) }];
}

/** Nothing for jars that were not filled, and for shreds and mash, which leave no gaps. */
function filledOf(b: Batch): Filled | null {
  const s = styleMade(b);
  const room = b.fillings.reduce((a, f) => a + f.usableMl, 0);
  const full = b.fillings.reduce((a, f) => a + f.vegRoomMl, 0) / room >= FULL;
  const packed = 1 - (b.brineUsedMl ?? 0) / room;
  if (!s || !full || !(packed > 0 && packed < 1)) return null;
  const things = b.items.flatMap((i) => {
    const cut = cutFor(s, { ...i, id: i.cropId });
    return cut !== 'shred' && cut !== 'mash'
      ? [{ ...packsInStyle(s, { id: i.cropId, density: i.density }, cut), fleshMl: i.preparedG / i.density }]
      : [];
  });
  if (things.length < b.items.length) return null;
  const flesh = things.reduce((a, t) => a + t.fleshMl, 0);
  // Two picks of one crop are one part.
  const parts = new Map<string, Part>();
  for (const t of things) {
    const fleshMl = t.fleshMl + (parts.get(t.key)?.fleshMl ?? 0);
    parts.set(t.key, { ...t, fleshMl, share: fleshMl / flesh });
  }
  return { packed, parts: [...parts.values()] };
}
