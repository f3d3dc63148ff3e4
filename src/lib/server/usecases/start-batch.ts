import {
  batchItem,
  nextLidNumbers,
  salinityOf,
  standingFillings,
  start,
  type RinseLogged
} from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import { cropsOf, waysOf } from '../../core/kit';
import { itemOf } from '../../core/kitchen';
import { lyingOn, type LotOnBench } from '../../core/lot';
import { crop, cropName, type OwnCrops } from '../../core/produce';
import { readQuantity, type Ways } from '../../core/reading';
import { done, refuse, type Outcome } from '../../core/refusal';
import { saltKind } from '../../core/salt';
import { style } from '../../core/style';
import { drawnG, secondPick, worksheet, type Worksheet } from '../../core/worksheet';
import type { Work } from '../db/kinds';
import { OURS, batches, brines, household, lots, numbered, pantries, pantry, recipeOf } from '../repos';
import { useCase } from './act';
import { clearDraft, kitchenFor, learntOf, worksheetInput } from './bench';

/**
 * Start a batch from what lies on the bench. The worksheet is computed anew here and stored; jars go by the counts
 * given, brine by what was really poured; the salt comes off the pantry shelf.
 */
export const startBatch = useCase('start-batch', async (work, input) => {
  const kitchen = await kitchenFor(work.trx, dayOfWall(work.wall), input.bench);
  const ours = kitchen.household;
  const onBench = lyingOn(await lots.list(work.trx, 'live'), input.bench);
  const changed = input.seen ? changedSince(input.seen, onBench, cropsOf(ours)) : '';
  if (changed !== '') return refuse('bench-changed', { values: { changed } });
  const place = ours.places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const recipe = input.recipeId === '' ? undefined : await recipeOf(work.trx, input.recipeId);
  if (input.recipeId !== '' && !recipe) return refuse('recipe-unknown', { field: 'recipeId' });
  const ready = worksheetInput(
    onBench.map((l) => itemOf(l, l.prepared)),
    input,
    kitchen
  );
  if (!ready.ok) return ready;
  const made = worksheet(ready.value);
  if (!made.ok) return made;
  const used = brineUsed(input.brineUsed, made.value, waysOf(ours));
  if (!used.ok) return used;
  const lidNumbers = nextLidNumbers(made.value.jars.length, await numbered(work), work.wall);
  const begun = start(
    made.value,
    {
      name: input.name,
      note: input.note,
      usedMl: used.value,
      brineSaid: input.brineUsed !== '',
      rinses: input.rinsed ? [...input.rinsed.log, input.rinsed].map(rinseLogged) : [],
      knowing: input.knowing
    },
    {
      id: work.command,
      styles: ours.styles,
      place,
      lidNumbers,
      recipe: recipe ? { id: recipe.id, version: recipe.version, name: recipe.name } : null
    }
  );
  if (!begun.ok) return begun;
  await batches.append(work, work.command, [begun.value]);
  await packLots(work, onBench, made.value);
  await takeSalt(work, input.saltKindId, made.value.salt.weighG + (made.value.rinse?.heavySaltG ?? 0));
  await takeBrine(work, made.value, used.value, input.keepRest, input.name);
  await clearDraft(work.trx, input.bench);
  return done({ batchId: work.command, name: input.name, lidNumbers });
});

/** What another hand changed on the bench since a page showed it, in words; empty where nothing was. */
function changedSince(
  seen: Readonly<Record<string, string>>,
  onBench: readonly LotOnBench[],
  own: OwnCrops
): string {
  const name = (lot: LotOnBench) => cropName(lot.cropId, own);
  const news = onBench.flatMap((lot) => {
    const [was, now] = [seen[lot.id], lot.prepared?.said ?? ''];
    if (was === undefined) return [`${name(lot)} came to it`];
    if (was.trim() === now.trim()) return [];
    return [now === '' ? `${name(lot)} is to be weighed again` : `${name(lot)} weighs ${now}`];
  });
  const gone = Object.keys(seen).some((lotId) => !onBench.some((lot) => lot.id === lotId));
  return [...news, ...(gone ? ['a pick was put back'] : [])].join(', ');
}

const rinseLogged = ({ after, taste, salinity }: RinseLogged): RinseLogged => ({ after, taste, salinity });

/** Brine really poured, ml; empty means as planned. */
function brineUsed(said: string, w: Worksheet, ways: Ways): Outcome<number | null> {
  const planned = w.brine?.inJarsMl ?? null;
  if (said === '') return done(planned);
  if (planned === null) return refuse('no-brine-here', { field: 'brineUsed' });
  const read = readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field: 'brineUsed' } };
  return read.value.value > 3 * planned + 1000
    ? refuse('more-than-there-is', {
        field: 'brineUsed',
        values: { saidG: read.value.value, thereG: planned }
      })
    : done(read.value.value);
}

/** Each pick on the bench gives its share; what did not fit stays there, prepared. */
async function packLots(work: Work, onBench: readonly LotOnBench[], w: Worksheet): Promise<void> {
  const share = w.packedG / w.prepared.mean;
  for (const lot of onBench) {
    const item = w.items.find((i) => i.id === lot.id);
    if (!item) continue;
    const data = {
      bench: lot.bench,
      g: lot.benchG * share,
      preparedG: item.prepared.mean * share,
      batchId: work.command
    };
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

/** Kept brine that went in is taken off; what is left of the mixed one is kept, if somebody wants it. */
async function takeBrine(
  work: Work,
  w: Worksheet,
  usedMl: number | null,
  keepRest: boolean,
  name: string
): Promise<void> {
  if (!w.brine) return;
  for (const b of w.brine.fromStock)
    await brines.append(work, b.id, [{ type: 'used', data: { ml: b.ml, batchId: work.command } }]);
  const restMl = w.brine.mixMl - (usedMl ?? w.brine.inJarsMl);
  if (keepRest && restMl >= 10)
    await brines.append(work, `${work.command}.rest`, [
      {
        type: 'kept',
        data: {
          name: `Left from ${name}`.slice(0, 80),
          day: dayOfWall(work.wall),
          from: 'mixed',
          batchId: work.command,
          strength: w.brine.strength,
          ml: restMl
        }
      }
    ]);
}

/**
 * The bench's vegetables into a crock or jar that stands already, with the salt that keeps its salinity. What is on
 * the bench must be weighed prepared.
 */
export const addPick = useCase('add-pick', async (work, input) => {
  const found = await batches.load(work.trx, input.batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const b = found.state;
  const jars = standingFillings(b, [input.fillingId]);
  const jar = jars.ok ? jars.value[0] : undefined;
  if (!jars.ok || !jar) return jars.ok ? refuse('jar-unknown') : jars;
  const s = style(b.styleId);
  const ours = await household(work.trx);
  const kind = saltKind(b.saltKindId ?? ours.saltKindId);
  if (!s || !kind) return refuse('style-unknown', { field: 'batchId' });
  const onBench = lyingOn(await lots.list(work.trx, 'live'), input.bench);
  const own = cropsOf(ours);
  const items = onBench.flatMap((lot) => {
    const kind = crop(lot.cropId, own);
    return kind ? [{ lot, crop: kind, preparedG: lot.prepared?.g ?? 0 }] : [];
  });
  if (items.some((i) => i.preparedG <= 0)) return refuse('weigh-prepared-first', { field: 'batchId' });
  const { packings } = await learntOf(work.trx, ours);
  // A jar that was put right is as salty as it is, whatever the batch was.
  const equilibrium = salinityOf(b, jar) ?? 0;
  const pick = secondPick(items, { ...jar, equilibrium }, s, kind, packings);
  if (!pick.ok) return pick;
  const { vegG, roomMl, naclG, saltG, drawOffMl } = pick.value;
  await batches.append(work, b.id, [
    {
      type: 'added',
      data: {
        fillingId: jar.id,
        items: items.map((i) => batchItem(i.lot.id, i.crop, i.preparedG)),
        vegG,
        vegRoomMl: roomMl,
        naclG,
        saltG,
        drawnG: drawOffMl === 0 ? 0 : drawnG(drawOffMl, equilibrium)
      }
    }
  ]);
  for (const { lot, preparedG } of items)
    await lots.append(work, lot.id, [
      { type: 'packed', data: { bench: input.bench, g: lot.benchG, preparedG, batchId: b.id } }
    ]);
  await takeSalt(work, kind.id, saltG);
  return done({ batchId: b.id, name: b.name, lidNumbers: [jar.lidNumber], saltG, drawOffMl });
});
