import { drain } from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import { waysOf } from '../../core/kit';
import { mayPour } from '../../core/pantry';
import { readQuantity, type Ways } from '../../core/reading';
import { done, refuse, type Outcome } from '../../core/refusal';
import { batches, brines, household } from '../repos';
import { useCase } from './act';

/** Brine kept: made ahead, or drained from a batch, with its strength, its day and where it comes from. */
export const keepBrine = useCase('keep-brine', async (work, input) => {
  const read = readVolume(input.amount, waysOf(await household(work.trx)));
  if (!read.ok) return read;
  const from = input.batchId ? await batches.load(work.trx, input.batchId) : undefined;
  if (input.batchId && !from) return refuse('batch-unknown', { field: 'batchId' });
  const salinity = input.strengthPercent / 100;
  if (from && input.fillingId) {
    const drained = drain(from.state, input.fillingId, { ml: read.value, salinity, brineId: work.command });
    if (!drained.ok) return drained;
    await batches.append(work, from.state.id, [drained.value]);
  }
  const data = {
    name: input.name,
    day: dayOfWall(work.wall),
    from: input.batchId ? ('batch' as const) : ('mixed' as const),
    batchId: input.batchId || null,
    strength: salinity,
    ml: read.value
  };
  await brines.append(work, work.command, [{ type: 'kept', data }]);
  return done({ brineId: work.command, name: input.name, ml: read.value });
});

/** Kept brine taken for something else, or poured away. */
export const takeBrine = useCase('take-brine', async (work, input) => {
  const found = await brines.load(work.trx, input.brineId);
  if (!found) return refuse('brine-unknown', { field: 'brineId' });
  const read =
    input.amount === '' ? done(found.state.ml) : readVolume(input.amount, waysOf(await household(work.trx)));
  if (!read.ok) return read;
  const may = mayPour(found.state, read.value);
  if (!may.ok) return may;
  await brines.append(work, input.brineId, [{ type: 'used', data: { ml: may.value, batchId: null } }]);
  return done({ brineId: input.brineId, name: found.state.name, ml: may.value });
});

function readVolume(said: string, ways: Ways): Outcome<number> {
  const read = readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field: 'amount' } };
  if (read.value.value <= 0 || read.value.value > 200_000)
    return refuse('weight-not-positive', { field: 'amount' });
  return done(read.value.value);
}
