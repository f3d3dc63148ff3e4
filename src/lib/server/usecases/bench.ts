import type { Knex } from 'knex';
import type { z } from 'zod';
import { learntFilling, standing, type Batch, type TaughtByBatch } from '../../core/batch';
import { daysBetween, dayOfWall, type Day } from '../../core/calendar';
import { brineUseBy, waysOf, type Household, type KeptBrine } from '../../core/kit';
import type { Learned } from '../../core/learn';
import { learntPieces, learntTrims, pickedOnBench, type Lot, type TaughtByPick } from '../../core/lot';
import { as } from '../../core/quantity';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Rinsed } from '../../core/salt';
import {
  worksheet,
  type Worksheet,
  type WorksheetInput,
  type WorksheetItem,
  type WorksheetJar
} from '../../core/worksheet';
import {
  benchChoiceSchema,
  benchDraftSchema,
  changeDraft,
  draftChangeSchema,
  worksheetSchema,
  type BenchDraft
} from '../../schema/batch';
import type { Ways } from '../../core/reading';
import { crop, pieceWeights } from '../../core/produce';
import { readExtras, readFilled, readHeavy, readRinsed, readWeight } from '../../schema/common';
import { wallOf } from '../clock';
import { LEARNT } from '../db/aggregate';
import { diskRefusal, written } from '../db/disk';
import { batches, brines, household, lots } from '../repos';
import { looksOn, refusalsOf, type House, type Result } from './act';

type Choice = z.output<typeof benchChoiceSchema>;

/** What lies on the bench, as the worksheet takes it. */
export function benchItems(all: readonly Lot[]): WorksheetItem[] {
  return all
    .filter((l) => l.benchG > 0)
    .map((l) => ({
      id: l.id,
      cropId: l.cropId,
      pickedG: pickedOnBench(l),
      withTops: l.withTops,
      preparedG: l.prepared?.g ?? null,
      ...(l.weighed.sd ? { pickedSdG: (l.weighed.sd * l.benchG) / l.weighed.g } : {}),
      ...(l.prepared?.sd ? { preparedSdG: l.prepared.sd } : {})
    }));
}

/** All that the household's own picks and batches have taught. */
export interface Learnt {
  readonly trims: Readonly<Record<string, Learned>>;
  readonly pieces: Readonly<Record<string, Learned>>;
  readonly packings: Readonly<Record<string, Learned>>;
  readonly brineUse: Learned;
}

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

async function learnAnew(trx: Knex, { resets }: Household): Promise<Learnt> {
  const picks = await lots.taught<TaughtByPick>(trx);
  return {
    trims: learntTrims(picks, resets),
    pieces: learntPieces(picks, resets),
    ...learntFilling(await batches.taught<TaughtByBatch>(trx), resets)
  };
}

/** The household's jars, with how many of each hold nothing and what weight goes in. */
export function freeJars(house: Household, all: readonly Batch[]): WorksheetJar[] {
  const used = new Map<string, number>();
  for (const f of all.flatMap(standing)) used.set(f.jarId, (used.get(f.jarId) ?? 0) + 1);
  return house.jars.map((j) => {
    const weight = house.weights.find((w) => w.id === j.weightId);
    return {
      id: j.id,
      name: j.name,
      geometryId: j.geometryId,
      lid: j.lid,
      free: Math.max(0, j.owned - (used.get(j.id) ?? 0)),
      ...(j.brimMl === null ? {} : { brimMl: j.brimMl }),
      ...(j.headspaceMm === null ? {} : { headspaceMm: j.headspaceMm }),
      ...(j.weightMl === null ? {} : { weightMl: j.weightMl }),
      ...(weight ? { weight } : {})
    };
  });
}

/** The next time nobody is here, in days from today; what is over is left out. */
export function awayFrom(house: Household, today: Day): { from: number; to: number } | null {
  const next = house.away.filter((a) => a.to >= today).sort((a, b) => (a.from < b.from ? -1 : 1))[0];
  return next ? { from: daysBetween(today, next.from), to: daysBetween(today, next.to) } : null;
}

/** Kept brine that may still be used. */
export async function usableBrines(trx: Knex, today: Day): Promise<KeptBrine[]> {
  return (await brines.list(trx, 'live')).filter((b) => brineUseBy(b) >= today);
}

/** What the house knows that a worksheet needs. */
export interface AtHand {
  readonly ours: Household;
  readonly jars: readonly WorksheetJar[];
  readonly learnt: Learnt;
  readonly brines: readonly KeptBrine[];
  readonly today: Day;
}

/** Reads all of it. */
export async function atHand(trx: Knex, today: Day): Promise<AtHand> {
  const ours = await household(trx);
  const jars = freeJars(ours, await batches.list(trx, 'live'));
  return { ours, jars, learnt: await learntOf(trx, ours), brines: await usableBrines(trx, today), today };
}

/** The worksheet's input for these things and choices; refuses what was typed and cannot be read. */
export function worksheetInput(
  items: readonly WorksheetItem[],
  choice: Choice,
  at: AtHand
): Outcome<WorksheetInput> {
  const place = at.ours.places.find((p) => p.id === choice.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const extras = readExtras(choice.extras, waysOf(at.ours));
  if (!extras.ok) return extras;
  const rinsed: Outcome<Rinsed | undefined> = choice.rinsed
    ? readRinsed(choice.rinsed, waysOf(at.ours))
    : done(undefined);
  if (!rinsed.ok) return rinsed;
  const ways = waysOf(at.ours);
  const heavy = readHeavy(choice.heavy, ways, pieceWeights(crop(items[0]?.cropId ?? '')));
  if (!heavy.ok) return heavy;
  const netG = readFilled(choice.filled, ways);
  if (!netG.ok) return netG;
  const { styleId, way, fraction, saltKindId, counts, opens, salting, mix, hot } = choice;
  return done({
    units: at.ours.units,
    ...(heavy.value === null ? {} : { heavyFraction: heavy.value }),
    ...(choice.topUp ? { topUp: choice.topUp === 'yes' } : {}),
    ...(netG.value.some((g) => g !== null) ? { netG: netG.value } : {}),
    styleId,
    way,
    fraction,
    saltKindId,
    counts,
    opens,
    items,
    jars: at.jars,
    choice: choice.choice,
    place: { name: place.name, tempC: place.tempC },
    scaleStepG: at.ours.scaleStepG,
    spoons: at.ours.spoons,
    ownSpoons: at.ours.ownSpoons,
    trims: at.learnt.trims,
    packings: at.learnt.packings,
    brineUse: at.learnt.brineUse,
    extras: extras.value,
    away: awayFrom(at.ours, at.today),
    brine: {
      mix,
      hot,
      stock: at.brines
        .filter((b) => choice.brineIds.includes(b.id))
        .map((b) => ({ id: b.id, name: b.name, ml: b.ml, strength: as.trueStrength(b.strength) }))
    },
    ...(salting ? { salting } : {}),
    ...(rinsed.value ? { rinsed: rinsed.value } : {})
  });
}

/** Compute a worksheet without storing anything. */
export async function computeWorksheet(house: House, input: unknown): Promise<Result<Worksheet>> {
  const parsed = worksheetSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const at = await atHand(house.db, dayOfWall(wallOf(house.clock.now(), house.zone)));
  const read = parsed.data.items.map((item, i) => readItem(item, i, waysOf(at.ours)));
  const refusals = read.flatMap((r) => (r.ok ? [] : [r.refusal]));
  if (refusals.length > 0) return { ok: false, refusals };
  const items = read.flatMap((r) => (r.ok ? [r.value] : []));
  const ready = worksheetInput(items, parsed.data, at);
  const made = ready.ok ? worksheet(ready.value) : ready;
  return made.ok ? made : { ok: false, refusals: [made.refusal] };
}

function readItem(
  item: { cropId: string; picked: string; prepared: string; withTops: boolean },
  i: number,
  ways: Ways
): Outcome<WorksheetItem> {
  const weight = (said: string, field: string) => (said === '' ? done(null) : readWeight(said, field, ways));
  const picked = weight(item.picked, 'picked');
  if (!picked.ok) return picked;
  const prepared = weight(item.prepared, 'prepared');
  if (!prepared.ok) return prepared;
  const pickedG = picked.value?.g ?? prepared.value?.g;
  if (pickedG === undefined) return refuse('missing', { field: 'prepared' });
  return done({
    id: `i${i}`,
    cropId: item.cropId,
    pickedG,
    withTops: item.withTops,
    preparedG: prepared.value?.g ?? null
  });
}

/** Keeps a change of the bench's unfinished choices; no record. Answers the whole draft as it is now. */
export async function saveBenchDraft(house: House, input: unknown): Promise<Result<BenchDraft>> {
  const guest = looksOn(house);
  if (guest.length > 0) return { ok: false, refusals: guest };
  const parsed = draftChangeSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  try {
    return await written(house.db, async (trx): Promise<Result<BenchDraft>> => {
      // What is merged thing by thing has an end, too.
      const whole = benchDraftSchema.safeParse(changeDraft(await benchDraft(trx), parsed.data));
      if (!whole.success) return { ok: false, refusals: refusalsOf(whole.error) };
      return { ok: true, value: await changeStoredDraft(trx, parsed.data) };
    });
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
  const before = await benchDraft(trx);
  const draft = { ...changeDraft(before, change), rev: (before.rev ?? 0) + 1 };
  await trx('draft')
    .insert({ id: 'bench', data: JSON.stringify(draft) })
    .onConflict('id')
    .merge();
  return draft;
}

/** The unfinished choices of the bench; what no longer fits the schema is forgotten. */
export async function benchDraft(db: Knex): Promise<BenchDraft> {
  const row = (await db('draft').where({ id: 'bench' }).first()) as { data: string } | undefined;
  const parsed = benchDraftSchema.safeParse(row ? JSON.parse(row.data) : {});
  return parsed.success ? parsed.data : {};
}
