import {
  brinePoured,
  nextLidNumbers,
  packedOf,
  pickAdded,
  restOfBrine,
  savedUsed,
  start,
  usesUp,
  type RecipeUsed,
  type RinseLogged
} from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import { cropsOf, waysOf } from '../../core/kit';
import { itemOf } from '../../core/kitchen';
import { changedSince, lyingOn, type LotEvent } from '../../core/lot';
import { ofSalt } from '../../core/pantry';
import { done, refuse } from '../../core/refusal';
import { madeOf, runClosed } from '../../core/run';
import { worksheet, type Worksheet } from '../../core/worksheet';
import { benchChangeWords } from '../../words';
import type { Work } from '../db/kinds';
import { batches, brines, household, lots, numbered, recipeOf, runOn, runs } from '../repos';
import { useCase } from './act';
import { takeGoods } from './goods';
import { clearDraft, kitchenFor, learntOf, worksheetInput } from './bench';

/**
 * Start a batch from what lies on the bench. The worksheet is computed anew here and stored; jars go by the counts
 * given, brine by what was really poured; the salt comes off the pantry shelf.
 */
export const startBatch = useCase('start-batch', async (work, input) => {
  const today = dayOfWall(work.wall);
  const kitchen = await kitchenFor(work.trx, today, input.bench);
  const ours = kitchen.household;
  const onBench = lyingOn(await lots.list(work.trx, 'live'), input.bench);
  const changes = input.seen ? changedSince(input.seen, onBench) : [];
  if (changes.length > 0)
    return refuse('bench-changed', { values: { changed: benchChangeWords(changes, cropsOf(ours)) } });
  const place = ours.places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const recipe = await recipeUsed(work, input.recipeId);
  if (input.recipeId !== '' && !recipe) return refuse('recipe-unknown', { field: 'recipeId' });
  const items = onBench.map((l) => itemOf(l, l.prepared));
  const ready = worksheetInput(items, input, kitchen);
  const made = ready.ok ? worksheet(ready.value) : ready;
  if (!made.ok) return made;
  const sheet = made.value;
  const used = brinePoured(input.brineUsed, sheet, waysOf(ours));
  if (!used.ok) return used;
  const lidNumbers = nextLidNumbers(sheet.jars.length, await numbered(work), work.wall);
  const { name, note, knowing, rinsed } = input;
  const rinses = rinsed ? [...rinsed.log, rinsed].map(rinseLogged) : [];
  const said = { name, note, usedMl: used.value, brineSaid: input.brineUsed !== '', rinses, knowing };
  const given = { id: work.command, styles: ours.styles, place, lidNumbers, recipe: recipe ?? null };
  const begun = start(sheet, said, given);
  if (!begun.ok) return begun;
  await batches.append(work, work.command, [begun.value]);
  await pack(work, packedOf(onBench, sheet, work.command));
  const saltG = sheet.salt.weighG + (sheet.rinse?.heavySaltG ?? 0);
  const goods = [ofSalt(input.saltKindId, saltG), ...usesUp({ fillings: [] }, begun.value)];
  await takeGoods(work, goods, work.command);
  const rest = input.keepRest ? restOfBrine(sheet, used.value, { id: work.command, name }, today) : null;
  for (const { brineId, event } of savedUsed(sheet, used.value, work.command, rest !== null))
    await brines.append(work, brineId, [event]);
  if (rest) await brines.append(work, `${work.command}.rest`, [rest]);
  await closeRun(work, input.bench, sheet, lidNumbers);
  await clearDraft(work.trx, input.bench);
  return done({ batchId: work.command, name, lidNumbers });
});

async function recipeUsed({ trx }: Work, recipeId: string): Promise<RecipeUsed | undefined> {
  const recipe = recipeId === '' ? undefined : await recipeOf(trx, recipeId);
  return recipe && { id: recipe.id, version: recipe.version, name: recipe.name };
}

const rinseLogged = ({ after, taste, salinity }: RinseLogged): RinseLogged => ({ after, taste, salinity });

/** What led through it on that bench, if anything did, has become a batch. */
async function closeRun(
  work: Work,
  bench: string,
  sheet: Worksheet,
  lidNumbers: readonly number[]
): Promise<void> {
  const run = await runOn(work.trx, bench);
  const became = { batchId: work.command, styleId: sheet.styleId, lidNumbers, made: madeOf(sheet) };
  if (run) await runs.append(work, run.id, [runClosed(became)]);
}

async function pack(work: Work, packed: readonly { lotId: string; event: LotEvent }[]): Promise<void> {
  for (const { lotId, event } of packed) await lots.append(work, lotId, [event]);
}

/**
 * The bench's vegetables into a crock or jar that stands already, with the salt that keeps its salinity. What is on
 * the bench must be weighed prepared.
 */
export const addPick = useCase('add-pick', async (work, input) => {
  const found = await batches.load(work.trx, input.batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const b = found.state;
  const ours = await household(work.trx);
  const onBench = lyingOn(await lots.list(work.trx, 'live'), input.bench);
  const { packings } = await learntOf(work.trx, ours);
  const decided = pickAdded(b, input.fillingId, onBench, ours, packings);
  if (!decided.ok) return decided;
  const { event, packed, jar, saltKindId, saltG, drawOffMl } = decided.value;
  await batches.append(work, b.id, [event]);
  await pack(work, packed);
  await takeGoods(work, [ofSalt(saltKindId, saltG)], b.id);
  return done({ batchId: b.id, name: b.name, lidNumbers: [jar.lidNumber], saltG, drawOffMl });
});
