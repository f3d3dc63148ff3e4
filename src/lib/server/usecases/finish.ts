import {
  bottle,
  freeSizes,
  finish,
  nextLidNumbers,
  postingsOf,
  usesUp,
  type Batch,
  type BatchEvent
} from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import type { Answer, Taken } from '../../schema/commands';
import { NOTHING } from '../../core/contents';
import { measured, notCondemned } from '../../core/care';
import { freeJars } from '../../core/kitchen';
import { cropsOf, waysOf, type Household } from '../../core/kit';
import { stillServes } from '../../core/larder';
import { brineLeft, mayPour, type KeptBrine } from '../../core/pantry';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { ObjectsIn } from '../../core/run';
import type { Work } from '../db/kinds';
import { batches, brines, household, numbered, runs } from '../repos';
import { useCase } from './act';
import { pHRead } from './batches';
import { takeGoods } from './goods';

/** Sour jars on their way into bottles: what is out of them, what was drained, blended, sieved, weighed. */
export const finishJars = useCase('finish', async (work, input) => {
  const ours = await household(work.trx);
  const found = await sound(work, ours, input.batchId, input.fillingIds);
  if (!found.ok) return found;
  const b = found.value;
  const counted = await countedIn(work, b.id);
  const kept = input.oldBrine || input.oldBrineId ? await servingBrines(work, ours) : [];
  const around = { ways: waysOf(ours), crops: cropsOf(ours), counted, brines: kept };
  const noted = await stored(work, b, finish(b, input, around));
  return noted.ok ? done({ ...noted.value, what: whatOf(b, input) }) : noted;
});

/** What of a finishing was said: its answer names it, so that one knows what an undo takes back. */
function whatOf({ finishing }: Batch, said: Taken<'finish'>): Answer<'finish'>['what'] {
  if (!finishing) return 'begun';
  if (said.object !== undefined) return said.isOut ? 'out' : 'inAgain';
  if (said.brine !== undefined) return 'drained';
  return said.sauce === undefined ? 'bowl' : 'weighed';
}

/** Left as it was: nothing was blended. */
export const leaveFinish = useCase('leave-finish', async (work, input) => {
  const found = await batches.load(work.trx, input.batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  if (!found.state.finishing) return refuse('not-finishing', { field: 'batchId' });
  return stored(work, found.state, done({ type: 'finishingLeft', data: {} }));
});

/** The sauce into bottles, its pH with it; the brine that did not go back is kept under the batch's name. */
export const bottleSauce = useCase('bottle', async (work, input) => {
  const ours = await household(work.trx);
  const found = await sound(work, ours, input.batchId);
  if (!found.ok) return found;
  const b = found.value;
  const place = ours.places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const pH = await pHRead(work, input);
  if (!pH.ok) return pH;
  const lids = await numbered(work);
  const sizes = freeSizes(freeJars(ours, lids));
  const n = Object.values(input.counts).reduce((a, c) => a + c, 0);
  const lidNumbers = nextLidNumbers(n, lids, work.wall);
  const brineId = input.keepBrine ? work.command : null;
  const decided = bottle(b, { counts: input.counts, rest: input.rest, place, brineId }, sizes, (i) => ({
    id: `${work.command}.j${i + 1}`,
    lidNumber: lidNumbers[i] ?? 0
  }));
  if (!decided.ok) return decided;
  const poured = await oldBrinePoured(work, b);
  if (!poured.ok) return poured;
  const after = (await batches.append(work, b.id, [decided.value])) ?? b;
  await takeGoods(work, usesUp(b, decided.value), b.id);
  const kept = postingsOf(b, decided.value).find((p) => p.to === `brine:${work.command}`);
  if (kept) await brines.append(work, work.command, [brineLeft(b, kept.what, dayOfWall(work.wall))]);
  if (pH.value) {
    const fillingIds = after.fillings.filter((f) => f.id.startsWith(`${work.command}.`)).map((f) => f.id);
    const read = measured(after, { ...pH.value, fillingIds });
    if (!read.ok) return read;
    await batches.append(work, b.id, [read.value]);
    await takeGoods(work, usesUp(b, read.value), b.id);
  }
  return done({ batchId: b.id, name: b.name, lidNumbers });
});

/** Old brine that went into the bowl is taken off what is kept of it; meanwhile another may have used it up. */
async function oldBrinePoured(work: Work, { id: batchId, finishing }: Batch): Promise<Outcome<null>> {
  const old = finishing?.oldBrine;
  if (!old) return done(null);
  const found = await brines.load(work.trx, old.brineId);
  if (!found) return refuse('brine-unknown', { field: 'oldBrineId' });
  const ml = mayPour(found.state, old.ml);
  if (!ml.ok) return { ok: false, refusal: { ...ml.refusal, field: 'oldBrine' } };
  await brines.append(work, old.brineId, [{ type: 'used', data: { ml: old.ml, batchId, away: NOTHING } }]);
  return done(null);
}

/** Kept brines that still serve for something. */
async function servingBrines(work: Work, { places }: Household): Promise<KeptBrine[]> {
  const out: KeptBrine[] = [];
  for (const brine of await brines.list(work.trx, 'live')) {
    const from = brine.batchId ? await batches.load(work.trx, brine.batchId) : undefined;
    if (stillServes(brine, from?.state, places, dayOfWall(work.wall))) out.push(brine);
  }
  return out;
}

/** What was counted into the jars at their making. */
async function countedIn(work: Work, batchId: string): Promise<ObjectsIn> {
  const run = (await runs.latest(work.trx, { topic: batchId, most: 1 }))[0];
  return run?.objects ?? {};
}

/** A batch whose jars may still be eaten. */
async function sound(
  work: Work,
  { places }: Household,
  batchId: string,
  ids?: readonly string[]
): Promise<Outcome<Batch>> {
  const found = await batches.load(work.trx, batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const jars = ids ?? found.state.finishing?.fillingIds ?? [];
  const may = notCondemned(found.state, jars, { places, now: work.wall });
  return may.ok ? done(found.state) : may;
}

async function stored(work: Work, b: Batch, decided: Outcome<BatchEvent>) {
  if (!decided.ok) return decided;
  const after = (await batches.append(work, b.id, [decided.value])) ?? b;
  const ids = after.finishing?.fillingIds ?? b.finishing?.fillingIds ?? [];
  const lidNumbers = b.fillings.filter((f) => ids.includes(f.id)).map((f) => f.lidNumber);
  return done({ batchId: b.id, name: b.name, lidNumbers });
}
