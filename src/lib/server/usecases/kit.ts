import { leftG, standing } from '../../core/batch';
import {
  cropDropped,
  cropsOf,
  cropTyped,
  styleDropped,
  styleTyped,
  waysOf,
  type OwnWeight,
  identity,
  ofThatName
} from '../../core/kit';
import { cropName } from '../../core/produce';
import { readQuantity, type Ways, readWeight } from '../../core/reading';
import { done, refuse, type Outcome, type FieldName } from '../../core/refusal';
import { waterDensity } from '../../core/salt';
import { jarGeometry, ownShapeId } from '../../core/vessel';
import { isDay } from '../../core/calendar';
import { batches, household, households, OURS } from '../repos';
import { useCase } from './act';
import { ownedJar, WATER_C } from './household';

/** A shape of the household's own: brim volume by its weight in water, opening and height with a ruler. */
export const shapeJar = useCase('shape-jar', async (work, input) => {
  const ways = waysOf(await household(work.trx));
  const water = readWeight(input.waterWeight, 'waterWeight', ways, 'g');
  if (!water.ok) return water;
  const opening = readLength(input.opening, 'opening', ways);
  if (!opening.ok) return opening;
  const height = readLength(input.height, 'height', ways);
  if (!height.ok) return height;
  const { kind, shape, lid } = input;
  const brimMl = water.value.g / waterDensity(WATER_C);
  const id = ownShapeId({ kind, shape, brimMl, openingMm: opening.value, innerHeightMm: height.value });
  if (!jarGeometry(id))
    return refuse('jar-measures-strange', { field: 'height', values: { ml: Math.round(brimMl) } });
  const jar = ownedJar(id, lid, input.owned, input.name);
  if (!jar) return refuse('jar-shape-unknown', { field: 'height' });
  await households.append(work, OURS, [{ type: 'jarsOwned', data: jar }]);
  return done({ name: jar.name, owned: jar.owned });
});

function readLength(said: string, field: FieldName, ways: Ways): Outcome<number> {
  const read = readQuantity(said, { kind: 'length', unit: 'mm', system: ways.system });
  return read.ok ? done(read.value.value) : { ok: false, refusal: { ...read.refusal, field } };
}

/** A weight with its own measures, new or changed. */
export const setWeight = useCase('set-weight', async (work, input) => {
  const { name, kind, displacesMl, heightMm, widthMm } = input;
  const { weights } = await household(work.trx);
  // A name said again is that weight, measured again.
  const which = identity(weights, {
    id: input.weightId ?? ofThatName(weights, name)?.id,
    name,
    command: work.command
  });
  if (!which.ok) return which;
  const data: OwnWeight = { id: which.value, name, kind, displacesMl, heightMm, widthMm };
  await households.append(work, OURS, [{ type: 'weightSet', data }]);
  return done({ name });
});

/** Nobody is here from one day to another: the Bench says what wants another lid. */
export const planAway = useCase('plan-away', async (work, input) => {
  const { from, to } = input;
  if (!isDay(from)) return refuse('day-strange', { field: 'from' });
  if (!isDay(to)) return refuse('day-strange', { field: 'to' });
  if (to < from) return refuse('away-backwards', { field: 'to' });
  await households.append(work, OURS, [{ type: 'awayPlanned', data: { id: work.command, from, to } }]);
  return done({ from, to });
});

/** Not away after all. */
export const dropAway = useCase('drop-away', async (work, input) => {
  const ours = await household(work.trx);
  if (!ours.away.some((a) => a.id === input.awayId)) return refuse('away-unknown', { field: 'awayId' });
  await households.append(work, OURS, [{ type: 'awayDropped', data: { id: input.awayId } }]);
  return done({ name: '' });
});

/** A jar broke: one fewer is owned, and what stood in it is thrown away. */
export const breakJar = useCase('break-jar', async (work, input) => {
  const jar = (await household(work.trx)).jars.find((j) => j.id === input.jarId);
  if (!jar || jar.owned === 0) return refuse('jar-kind-unknown', { field: 'jarId' });
  const live = await batches.list(work.trx, 'live');
  if (input.fillingId) {
    const batch = live.find((b) => standing(b).some((f) => f.id === input.fillingId && f.jarId === jar.id));
    const filling = batch && standing(batch).find((f) => f.id === input.fillingId);
    if (!batch || !filling) return refuse('jar-unknown', { field: 'fillingId' });
    await batches.append(work, batch.id, [
      {
        type: 'portioned',
        data: { fillingId: filling.id, how: 'thrown', g: leftG(filling), reason: 'the jar broke' }
      }
    ]);
  } else {
    const full = live.flatMap(standing).filter((f) => f.jarId === jar.id).length;
    if (full >= jar.owned) return refuse('broke-which', { field: 'fillingId', values: { name: jar.name } });
  }
  await households.append(work, OURS, [{ type: 'jarsOwned', data: { ...jar, owned: jar.owned - 1 } }]);
  return done({ name: jar.name, owned: jar.owned - 1 });
});

/** A crop of the household's own, or a figure of the table corrected. */
export const setCrop = useCase('set-crop', async (work, input) => {
  const decided = cropTyped(await household(work.trx), input);
  if (!decided.ok) return decided;
  const now = await households.append(work, OURS, [decided.value]);
  const { id } = decided.value.data;
  return done({ cropId: id, name: cropName(id, now ? cropsOf(now) : []) });
});

/** A crop back to the table, or no longer offered. */
export const dropCrop = useCase('drop-crop', async (work, input) => {
  const ours = await household(work.trx);
  const decided = cropDropped(ours, input.cropId);
  if (!decided.ok) return decided;
  await households.append(work, OURS, [decided.value]);
  return done({ name: cropName(input.cropId, cropsOf(ours)) });
});

/** A way of its own to make a style. */
export const setStyle = useCase('set-style', async (work, input) => {
  const decided = styleTyped(await household(work.trx), input);
  if (!decided.ok) return decided;
  await households.append(work, OURS, [decided.value]);
  const { id, name } = decided.value.data;
  return done({ styleId: id, name });
});

/** No longer offered; what was made by it keeps its name and its days. */
export const dropStyle = useCase('drop-style', async (work, input) => {
  const ours = await household(work.trx);
  const decided = styleDropped(ours, input.styleId);
  if (!decided.ok) return decided;
  await households.append(work, OURS, [decided.value]);
  return done({ name: ours.styles.find((s) => s.id === input.styleId)?.name ?? '' });
});
