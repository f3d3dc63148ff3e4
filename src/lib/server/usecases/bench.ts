import type { Knex } from 'knex';
import type { z } from 'zod';
import { learntFilling, type TaughtByBatch } from '../../core/batch';
import { dayOfWall, type Day } from '../../core/calendar';
import { cropsOf, waysOf, type Household } from '../../core/kit';
import {
  awayFrom,
  freeJars,
  inputOf,
  readItem,
  usableBrines,
  type BenchSaid,
  type Kitchen,
  type Learnt
} from '../../core/kitchen';
import { FIRST_BENCH, learntPieces, learntTrims, lyingOn, type TaughtByPick } from '../../core/lot';
import { heldByOthers, type Making } from '../../core/making';
import { cropName, type OwnCrops } from '../../core/produce';
import { learntPaces, type TaughtByRun } from '../../core/run';
import { done, type Outcome } from '../../core/refusal';
import { worksheet, type Worksheet, type WorksheetInput, type WorksheetItem } from '../../core/worksheet';
import { benchDraftSchema, draftChangeSchema, worksheetSchema, type BenchDraft } from '$lib/schema/bench';
import { changeDraft } from '$lib/schema/draft';
import { wallOf } from '../clock';
import { LEARNT } from '../db/kinds';
import { diskRefusal, written } from '../db/disk';
import { versionOf } from '../db/log';
import { batches, brines, household, lots, runs } from '../repos';
import { looksOn, refusalsOf, type House, type Result } from './act';

/** From every pick and every batch since the last reset; worked out anew only when something taught otherwise. */
export async function learntOf(trx: Knex, house: Household): Promise<Learnt> {
  const kept = (await trx('kept').where({ id: LEARNT }).first()) as { data: string } | undefined;
  if (kept) return JSON.parse(kept.data) as Learnt;
  // In one transaction, so that nothing is taught between the reading and the keeping. A disk that takes nothing stops
  // nobody from reading.
  return trx
    .transaction(async (own) => {
      const learnt = await learnAnew(own, house);
      await own('kept')
        .insert({ id: LEARNT, data: JSON.stringify(learnt) })
        .onConflict('id')
        .merge();
      return learnt;
    })
    .catch((error: unknown) => {
      if (diskRefusal(error)) return learnAnew(trx, house);
      throw error;
    });
}

async function learnAnew(trx: Knex, ours: Household): Promise<Learnt> {
  const { resets } = ours;
  const own = cropsOf(ours);
  const picks = await lots.taught<TaughtByPick>(trx);
  return {
    trims: learntTrims(picks, resets, own),
    pieces: learntPieces(picks, resets, own),
    ...learntFilling(await batches.taught<TaughtByBatch>(trx), resets),
    paces: learntPaces(await runs.taught<TaughtByRun>(trx), resets)
  };
}

/** The kitchen as this bench finds it: what stands, what was learnt, and what the other benches hold. */
export async function kitchenFor(trx: Knex, today: Day, bench: string): Promise<Kitchen> {
  const ours = await household(trx);
  const makings = await makingsOf(trx, cropsOf(ours));
  const mine = makings.find((m) => m.id === bench) ?? { id: bench };
  const taken = new Set(makings.filter((m) => m.id !== bench).flatMap((m) => m.brineIds));
  return {
    household: ours,
    jars: freeJars(
      ours,
      (await batches.briefs(trx, { live: true })).flatMap((b) => b.lids),
      heldByOthers(mine, makings)
    ),
    learnt: await learntOf(trx, ours),
    brines: usableBrines(await brines.list(trx, 'live'), today, taken),
    away: awayFrom(ours, today)
  };
}

/** A bench with something on it: what the others must know of it, and what it is called. */
export interface BenchMaking extends Making {
  readonly name: string;
  readonly styleId: string | null;
  readonly g: number;
  readonly brineIds: readonly string[];
  readonly holdsSalt: Readonly<Record<string, number>> | undefined;
}

/** Every bench on which something lies, the first begun first. */
export async function makingsOf(trx: Knex, own: OwnCrops): Promise<BenchMaking[]> {
  const open = await lots.list(trx, 'live');
  const rows = await trx<{ id: string; data: string }>('draft').select('id', 'data');
  const drafts = new Map(rows.map((r) => [r.id, draftFrom(r.data)]));
  const going = (await runs.list(trx, 'live')).filter((r) => r.became === null).map((r) => r.bench);
  const ids = [...new Set(open.flatMap((l) => Object.keys(l.benches)))];
  return ids
    .map((id): BenchMaking => {
      const draft = drafts.get(id) ?? {};
      const lying = lyingOn(open, id);
      const crops = [...new Set(lying.map((l) => cropName(l.cropId, own)))];
      return {
        id,
        begun: draft.begun,
        running: going.includes(id),
        counts: draft.counts,
        holds: draft.holds,
        holdsSalt: draft.holdsSalt,
        brineIds: draft.brineIds ?? [],
        styleId: draft.styleId ?? null,
        name: draft.name ?? crops.join(', '),
        g: lying.reduce((a, l) => a + (l.prepared?.g ?? l.benchG), 0)
      };
    })
    .sort((a, b) => (a.begun ?? Infinity) - (b.begun ?? Infinity));
}

/** The worksheet's input for what lies there and what is chosen; refuses what was typed and cannot be read. */
export function worksheetInput(
  items: readonly WorksheetItem[],
  said: BenchSaid,
  kitchen: Kitchen
): Outcome<WorksheetInput> {
  const { input, unread } = inputOf(items, said, kitchen);
  return unread[0] ? { ok: false, refusal: unread[0] } : done(input);
}

/** A worksheet that is only asked about lies on no bench. */
const ELSEWHERE = 'elsewhere';

/** Compute a worksheet without storing anything. */
export async function computeWorksheet(house: House, input: unknown): Promise<Result<Worksheet>> {
  const parsed = worksheetSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const today = dayOfWall(wallOf(house.clock.now(), house.zone));
  const kitchen = await kitchenFor(house.db, today, parsed.data.bench ?? ELSEWHERE);
  const read = parsed.data.items.map((item, i) => readItem(item, i, waysOf(kitchen.household)));
  const refusals = read.flatMap((r) => (r.ok ? [] : [r.refusal]));
  if (refusals.length > 0) return { ok: false, refusals };
  const items = read.flatMap((r) => (r.ok ? [r.value] : []));
  const ready = worksheetInput(items, parsed.data, kitchen);
  const made = ready.ok ? worksheet(ready.value) : ready;
  return made.ok ? made : { ok: false, refusals: [made.refusal] };
}

/** Keeps a change of the bench's unfinished choices; no record. Answers the whole draft as it is now. */
export async function saveBenchDraft(house: House, input: unknown): Promise<Result<BenchDraft>> {
  const guest = looksOn(house);
  if (guest.length > 0) return { ok: false, refusals: guest };
  const parsed = draftChangeSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  try {
    const kept = await written(house.db, async (trx): Promise<Result<BenchDraft>> => {
      // What is merged thing by thing has an end, too.
      const whole = benchDraftSchema.safeParse(
        changeDraft(await benchDraft(trx, parsed.data.bench), parsed.data)
      );
      if (!whole.success) return { ok: false, refusals: refusalsOf(whole.error) };
      return {
        ok: true,
        value: await changeStoredDraft(trx, parsed.data)
      };
    });
    if (kept.ok) house.news?.tell({ version: await versionOf(house.db), kinds: ['draft'] });
    return kept;
  } catch (error) {
    const disk = diskRefusal(error);
    if (disk) return { ok: false, refusals: [disk] };
    throw error;
  }
}

/** The draft after a change, stored. Its number grows even when everything begins anew. */
export async function changeStoredDraft(
  trx: Knex,
  change: z.output<typeof draftChangeSchema>
): Promise<BenchDraft> {
  const before = await benchDraft(trx, change.bench);
  if (before.rev === undefined) await forgetEmpty(trx);
  const begun = change.anew ? {} : { begun: before.begun ?? (await beganLast(trx)) + 1 };
  const draft = { ...changeDraft(before, change), ...begun, rev: (before.rev ?? 0) + 1 };
  await trx('draft')
    .insert({ id: change.bench, data: JSON.stringify(draft) })
    .onConflict('id')
    .merge();
  return draft;
}

/** Choices made for a bench on which nothing was ever laid are forgotten once another is begun: their number has an end. */
async function forgetEmpty(trx: Knex): Promise<void> {
  const lying = (await lots.list(trx, 'live')).flatMap((l) => Object.keys(l.benches));
  await trx('draft')
    .whereNotIn('id', [FIRST_BENCH, ...lying])
    .delete();
}

/** The place in the row of the bench that was begun last; 0 where none was. */
async function beganLast(trx: Knex): Promise<number> {
  const [row] = await trx.raw<{ last: number | null }[]>(
    "select max(json_extract(data, '$.begun')) as last from draft"
  );
  return row?.last ?? 0;
}

/** What was chosen of the style and its salt on one bench is chosen on another, too; jars and weights are its own. */
export async function copyDraft(trx: Knex, from: string, to: string): Promise<void> {
  const { styleId, way, fraction, saltKindId, placeId, opens, salting, mix, recipeId } = await benchDraft(
    trx,
    from
  );
  const set = { styleId, way, fraction, saltKindId, placeId, opens, salting, mix, recipeId };
  await changeStoredDraft(trx, { bench: to, set, forget: [], anew: false });
}

/** What lay on a bench is made: its choices begin anew; of a bench beside the first nothing is kept. */
export async function clearDraft(trx: Knex, bench: string): Promise<void> {
  if (bench === FIRST_BENCH) await changeStoredDraft(trx, { bench, set: {}, forget: [], anew: true });
  else await trx('draft').where({ id: bench }).delete();
}

/** The unfinished choices of a bench. */
export async function benchDraft(db: Knex, bench: string): Promise<BenchDraft> {
  const row = (await db('draft').where({ id: bench }).first()) as { data: string } | undefined;
  return row ? draftFrom(row.data) : {};
}

/** What no longer fits the schema is forgotten. */
function draftFrom(data: string): BenchDraft {
  const parsed = benchDraftSchema.safeParse(JSON.parse(data));
  return parsed.success ? parsed.data : {};
}
