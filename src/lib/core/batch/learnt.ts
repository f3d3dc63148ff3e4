import type { Day } from '../calendar/index';
import { dayOfWall } from '../calendar/index';
import { BRINE_BATCH_SD, BRINE_USE, learn, PACKING_BATCH_SD, type Learned } from '../learn/index';
import { crop } from '../produce/index';
import { cutFor, style as styleOf } from '../style/index';
import { packing, packingKey } from '../vessel/index';
import type { Batch } from './batch';

/** Jars packed at least so full say how tight a cut packs. */
const FULL = 0.9;
/** One crop makes up so much of a batch that its packing is that crop's. */
const MAIN = 0.8;
/** Spread of the table's packing fractions. Common practice, no source. */
const PACKING_SD = 0.06;

/**
 * What batches with a measured brine teach: packing = 1 − brine poured / room of full jars, by crop and cut, and how
 * the brine runs against the plan. Batches up to a reset day are left out.
 * Example: 1700 ml poured into 2784 ml of full jars is a packing of 0.39.
 */
export function learntFilling(
  batches: readonly Batch[],
  resets: Readonly<Record<string, Day>>
): { packings: Record<string, Learned>; brineUse: Learned } {
  const packs = new Map<string, number[]>();
  const uses: number[] = [];
  for (const b of batches) {
    if (!b.brineSaid || b.brineUsedMl === null || !b.brinePlannedMl) continue;
    const day = dayOfWall(b.startedAt);
    if (day > (resets.brine ?? '')) uses.push(b.brineUsedMl / b.brinePlannedMl);
    const key = mainPacking(b);
    const room = b.fillings.reduce((a, f) => a + f.usableMl, 0);
    const fill = b.fillings.reduce((a, f) => a + f.vegRoomMl, 0) / room;
    if (key === undefined || fill < FULL || day <= (resets[`packing:${key}`] ?? '')) continue;
    packs.set(key, [...(packs.get(key) ?? []), 1 - b.brineUsedMl / room]);
  }
  const packings: Record<string, Learned> = {};
  for (const [key, measured] of packs) {
    const [cropId = '', cut = ''] = key.split('.');
    const mean = packing(cropId, cut as Parameters<typeof packing>[1]);
    packings[key] = learn({ mean, sd: PACKING_SD, scale: 'logit' }, measured, PACKING_BATCH_SD);
  }
  return { packings, brineUse: learn(BRINE_USE, uses, BRINE_BATCH_SD) };
}

function mainPacking(b: Batch): string | undefined {
  const s = styleOf(b.styleId);
  const all = b.items.reduce((a, i) => a + i.preparedG, 0);
  const main = b.items.find((i) => i.preparedG >= MAIN * all);
  const c = main && crop(main.cropId);
  if (!s || !c) return undefined;
  const cut = cutFor(s, c);
  return cut === 'shred' ? undefined : packingKey(c.id, cut);
}
