import type { Knex } from 'knex';
import { nextLidNumbers, standing, type Batch, type BatchEvent } from '../../core/batch';
import type { Household, Place } from '../../core/kit';
import { crop } from '../../core/produce';
import { readQuantity } from '../../core/quantity';
import { done, refuse, type Outcome } from '../../core/refusal';
import { brought, equilibriumSalinity } from '../../core/salt';
import {
  worksheet,
  type JarCard,
  type Worksheet,
  type WorksheetInput,
  type WorksheetItem,
  type WorksheetJar
} from '../../core/worksheet';
import {
  benchChoiceSchema,
  benchDraftSchema,
  startBatchSchema,
  worksheetSchema,
  type BenchDraft
} from '../../schema/batch';
import type { z } from 'zod';
import { learntTrims, type Lot } from '../../core/lot';
import type { Learned } from '../../core/learn';
import { readExtras, readWeight } from '../../schema/common';
import type { Work } from '../db/aggregate';
import { batches, household, lots, OURS, pantries, pantry } from '../repos';
import { refusalsOf, useCase, type House, type Result } from './act';

type Choice = z.output<typeof benchChoiceSchema>;

/** What lies on the bench, as the worksheet takes it. */
export function benchItems(all: readonly Lot[]): WorksheetItem[] {
  return all
    .filter((l) => l.benchG > 0)
    .map((l) => ({
      id: l.id,
      cropId: l.cropId,
      pickedG: l.benchG,
      withTops: l.withTops,
      preparedG: l.prepared?.g ?? null,
      ...(l.weighed.sd ? { pickedSdG: (l.weighed.sd * l.benchG) / l.weighed.g } : {}),
      ...(l.prepared?.sd ? { preparedSdG: l.prepared.sd } : {})
    }));
}

/** The household's own trim yields, from every pick it has packed. */
export async function trimsOf(trx: Knex, house: Household): Promise<Record<string, Learned>> {
  return learntTrims(await lots.list(trx, 'all'), house.resets);
}

/** The household's jars, with how many of each hold nothing. */
export function freeJars(house: Household, all: readonly Batch[]): WorksheetJar[] {
  const used = new Map<string, number>();
  for (const f of all.flatMap(standing)) used.set(f.jarId, (used.get(f.jarId) ?? 0) + 1);
  return house.jars.map((j) => ({
    id: j.id,
    name: j.name,
    geometryId: j.geometryId,
    lid: j.lid,
    free: Math.max(0, j.owned - (used.get(j.id) ?? 0)),
    ...(j.brimMl === null ? {} : { brimMl: j.brimMl }),
    ...(j.headspaceMm === null ? {} : { headspaceMm: j.headspaceMm }),
    ...(j.weightMl === null ? {} : { weightMl: j.weightMl })
  }));
}

/** The worksheet's input for these things and choices. */
export function worksheetInput(
  items: readonly WorksheetItem[],
  choice: Choice,
  place: Place,
  jars: readonly WorksheetJar[],
  house: Household,
  trims: Readonly<Record<string, Learned>>,
  extras: readonly { id: string; g: number }[]
): WorksheetInput {
  const { styleId, way, fraction, saltKindId, counts, opens } = choice;
  return {
    styleId,
    way,
    fraction,
    saltKindId,
    counts,
    opens,
    items,
    jars,
    choice: choice.choice,
    place: { name: place.name, tempC: place.tempC },
    scaleStepG: house.scaleStepG,
    spoons: house.spoons,
    ownSpoons: house.ownSpoons,
    trims,
    extras
  };
}

/** Compute a worksheet without storing anything. */
export async function computeWorksheet(house: House, input: unknown): Promise<Result<Worksheet>> {
  const parsed = worksheetSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const ours = await household(house.db);
  const read = parsed.data.items.map((item, i) => readItem(item, i));
  const refusals = read.flatMap((r) => (r.ok ? [] : [r.refusal]));
  if (refusals.length > 0) return { ok: false, refusals };
  const place = ours.places.find((p) => p.id === parsed.data.placeId);
  if (!place) return { ok: false, refusals: [{ code: 'place-unknown', field: 'placeId' }] };
  const extras = readExtras(parsed.data.extras);
  if (!extras.ok) return { ok: false, refusals: [extras.refusal] };
  const jars = freeJars(ours, await batches.list(house.db, 'live'));
  const items = read.flatMap((r) => (r.ok ? [r.value] : []));
  const made = worksheet(
    worksheetInput(items, parsed.data, place, jars, ours, await trimsOf(house.db, ours), extras.value)
  );
  return made.ok ? made : { ok: false, refusals: [made.refusal] };
}

function readItem(
  item: { cropId: string; picked: string; prepared: string; withTops: boolean },
  i: number
): Outcome<WorksheetItem> {
  const weight = (said: string, field: string) => (said === '' ? done(null) : readWeight(said, field));
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

/** What a started batch answers: the numbers to write on the lids. */
export interface StartAnswer {
  readonly batchId: string;
  readonly name: string;
  readonly lidNumbers: readonly number[];
}

/**
 * Start a batch from what lies on the bench. The worksheet is computed anew here and stored; jars go by the counts
 * given, brine by what was really poured; the salt comes off the pantry shelf.
 */
export const startBatch = useCase(
  'start-batch',
  startBatchSchema,
  async (work, input): Promise<Outcome<StartAnswer>> => {
    const ours = await household(work.trx);
    const onBench = (await lots.list(work.trx, 'live')).filter((l) => l.benchG > 0);
    const all = await batches.list(work.trx, 'all');
    const place = ours.places.find((p) => p.id === input.placeId);
    if (!place) return refuse('place-unknown', { field: 'placeId' });
    if (place.kind !== 'counter')
      return refuse('not-a-counter', { field: 'placeId', values: { place: place.name } });
    const extras = readExtras(input.extras);
    if (!extras.ok) return extras;
    const made = worksheet(
      worksheetInput(
        benchItems(onBench),
        input,
        place,
        freeJars(ours, all),
        ours,
        await trimsOf(work.trx, ours),
        extras.value
      )
    );
    if (!made.ok) return made;
    const unread = made.value.cautions.filter((c) => c.level === 'harm' && !input.knowing.includes(c.rule));
    if (unread.length > 0)
      return refuse('harm-not-read', {
        field: 'knowing',
        values: { rules: unread.map((c) => c.says).join(' ') }
      });
    const used = brineUsed(input.brineUsed, made.value);
    if (!used.ok) return used;
    const lidNumbers = nextLidNumbers(
      made.value.jars.length,
      all.flatMap((b) => b.fillings),
      work.wall
    );
    await batches.append(work, work.command, [
      started(work, input, made.value, used.value, place, lidNumbers)
    ]);
    await packLots(work, onBench, made.value);
    await takeSalt(work, input.saltKindId, made.value.salt.weighG);
    await work.trx('draft').where({ id: 'bench' }).delete();
    return done({ batchId: work.command, name: input.name, lidNumbers });
  }
);

/** Brine really poured, ml; empty means as planned. */
function brineUsed(said: string, w: Worksheet): Outcome<number | null> {
  const planned = w.brine?.inJarsMl ?? null;
  if (said === '') return done(planned);
  if (planned === null) return refuse('no-brine-here', { field: 'brineUsed' });
  const read = readQuantity(said, { kind: 'volume', unit: 'ml' });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field: 'brineUsed' } };
  return read.value.value > 3 * planned + 1000
    ? refuse('more-than-there-is', {
        field: 'brineUsed',
        values: { saidG: read.value.value, thereG: planned }
      })
    : done(read.value.value);
}

function started(
  work: Work,
  input: z.output<typeof startBatchSchema>,
  w: Worksheet,
  usedMl: number | null,
  place: Place,
  lidNumbers: number[]
): BatchEvent {
  const poured = w.brine && usedMl !== null ? usedMl / w.brine.inJarsMl : 1;
  return {
    type: 'started',
    data: {
      name: input.name,
      styleId: w.styleId,
      items: w.items.map((i) => ({
        lotId: i.id,
        cropId: i.cropId,
        name: i.name,
        preparedG: (i.prepared.mean * w.packedG) / w.prepared.mean
      })),
      equilibrium: reallyEnds(w, poured),
      equilibriumSd: w.ends.equilibriumSd,
      saltKindId: w.saltKindId,
      brinePlannedMl: w.brine?.inJarsMl ?? null,
      brineUsedMl: usedMl,
      saltG: w.salt.weighG,
      note: [input.note, ...input.knowing.map((r) => `Knew of: ${r}`)].filter(Boolean).join(' · '),
      placeId: place.id,
      fillings: w.jars.map((card, i) =>
        filling(card, poured, `${work.command}.j${i + 1}`, lidNumbers[i] ?? 0)
      ),
      worksheet: w
    }
  };
}

/** Where the salt ends with the brine that was really poured. */
function reallyEnds(w: Worksheet, poured: number): number {
  if (!w.brine || poured === 1) return w.ends.equilibrium;
  const vegWaterG = w.items.reduce(
    (a, i) => a + (i.prepared.mean * (crop(i.cropId)?.moisture ?? 0) * w.packedG) / w.prepared.mean,
    0
  );
  const share = w.packedG / w.prepared.mean;
  const extra = brought(w.extras);
  const pouredNacl = w.jars.reduce((a, j) => a + brineSalt(j, w), 0);
  const rubbed = w.jars.reduce((a, j) => a + j.naclG, 0) - pouredNacl;
  const waterG = w.jars.reduce((a, j) => a + j.waterG, 0) * poured;
  return equilibriumSalinity({
    naclG: rubbed + pouredNacl * poured + extra.naclG * share,
    waterG: waterG + extra.waterG * share,
    vegG: w.packedG,
    vegWaterG
  });
}

const brineSalt = (j: JarCard, w: Worksheet) =>
  w.brine ? (j.waterG * w.brine.strength) / (1 - w.brine.strength) : 0;

function filling(card: JarCard, poured: number, id: string, lidNumber: number) {
  const brineG = card.contentsG - card.vegG;
  return {
    id,
    lidNumber,
    jarId: card.jarId,
    jarName: card.name,
    geometryId: card.geometryId,
    lid: card.lid,
    headspaceMm: card.headspaceMm,
    usableMl: card.usableMl,
    vegG: card.vegG,
    vegRoomMl: card.vegRoomMl,
    contentsG: card.vegG + brineG * poured
  };
}

/** Each pick on the bench gives its share; what did not fit stays there, prepared. */
async function packLots(work: Work, onBench: readonly Lot[], w: Worksheet): Promise<void> {
  const share = w.packedG / w.prepared.mean;
  for (const lot of onBench) {
    const item = w.items.find((i) => i.id === lot.id);
    if (!item) continue;
    const data = { g: lot.benchG * share, preparedG: item.prepared.mean * share, batchId: work.command };
    await lots.append(work, lot.id, [{ type: 'packed', data }]);
  }
}

async function takeSalt(work: Work, saltKindId: string, amount: number): Promise<void> {
  const goods = (await pantry(work.trx)).find((g) => g.saltKindId === saltKindId);
  if (goods)
    await pantries.append(work, OURS, [
      { type: 'goodsUsed', data: { id: goods.id, amount, batchId: work.command } }
    ]);
}

/** Keeps the unfinished choices of the bench; no record. */
export async function saveBenchDraft(house: House, input: unknown): Promise<Result<BenchDraft>> {
  const parsed = benchDraftSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const row = { id: 'bench', data: JSON.stringify(parsed.data) };
  await house.db('draft').insert(row).onConflict('id').merge();
  return { ok: true, value: parsed.data };
}

/** The unfinished choices of the bench; what no longer fits the schema is forgotten. */
export async function benchDraft(db: Knex): Promise<BenchDraft> {
  const row = (await db('draft').where({ id: 'bench' }).first()) as { data: string } | undefined;
  const parsed = benchDraftSchema.safeParse(row ? JSON.parse(row.data) : {});
  return parsed.success ? parsed.data : {};
}
