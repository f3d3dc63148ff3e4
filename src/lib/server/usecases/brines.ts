import { drain } from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import { waysOf } from '../../core/kit';
import { brineKept, brineTaken } from '../../core/pantry';
import { done, refuse } from '../../core/refusal';
import { batches, brines, household } from '../repos';
import { useCase } from './act';

/** Brine kept: made ahead, or drained from a batch, with its strength, its day and where it comes from. */
export const keepBrine = useCase('keep-brine', async (work, input) => {
  const decided = brineKept(input, dayOfWall(work.wall), waysOf(await household(work.trx)));
  if (!decided.ok) return decided;
  const { ml, strength: salinity } = decided.value.data;
  const from = input.batchId ? await batches.load(work.trx, input.batchId) : undefined;
  if (input.batchId && !from) return refuse('batch-unknown', { field: 'batchId' });
  if (from && input.fillingId) {
    const drained = drain(from.state, input.fillingId, { ml, salinity, brineId: work.command });
    if (!drained.ok) return drained;
    await batches.append(work, from.state.id, [drained.value]);
  }
  await brines.append(work, work.command, [decided.value]);
  return done({ brineId: work.command, name: input.name, ml });
});

/** Kept brine taken for something else, or poured away. */
export const takeBrine = useCase('take-brine', async (work, input) => {
  const found = await brines.load(work.trx, input.brineId);
  if (!found) return refuse('brine-unknown', { field: 'brineId' });
  const decided = brineTaken(found.state, input.amount, waysOf(await household(work.trx)));
  if (!decided.ok) return decided;
  await brines.append(work, input.brineId, [decided.value]);
  return done({ brineId: input.brineId, name: found.state.name, ml: decided.value.data.ml });
});
