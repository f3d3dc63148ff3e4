import { changeLid, heated, processSaid, queued } from '../../core/batch';
import * as decide from '../../core/care';
import { done, refuse } from '../../core/refusal';
import { batches, household } from '../repos';
import { useCase } from './act';
import { onBatch } from './batches';

/** Jars to another place, or to the cold. */
export const moveJars = useCase('move', async (work, input) =>
  onBatch(work, input.batchId, (b, around) => decide.moved(b, input, around))
);

/** Jars heated by the process of a tested guide, onto the pantry shelf: its culture is gone from then on. */
export const heatJars = useCase('heat-jars', async (work, input) => {
  const { places } = await household(work.trx);
  const place = places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  return onBatch(work, input.batchId, (b, around) => {
    const sound = decide.notCondemned(b, input.fillingIds, around);
    if (!sound.ok) return sound;
    const process = processSaid(input, around.ways);
    return process.ok ? heated(b, input.fillingIds, process.value, place) : process;
  });
});

/** Another kind of lid: care goes by it from now on. */
export const changeLids = useCase('change-lid', async (work, input) =>
  onBatch(work, input.batchId, (b) => changeLid(b, input.fillingIds, input.lid))
);

/** Jars wait where they stand till another is eaten, or no longer. */
export const letWait = useCase('let-wait', async (work, input) => {
  const { batchId, fillingIds, waitsForId, waitsForBatchId } = input;
  const awaited = waitsForId === '' ? null : await batches.load(work.trx, waitsForBatchId || batchId);
  if (awaited === undefined) return refuse('batch-unknown', { field: 'waitsForBatchId' });
  const other = awaited && { batch: awaited.state, fillingId: waitsForId };
  const waiting = await onBatch(work, batchId, (b) => queued(b, fillingIds, other));
  const lid = other?.batch.fillings.find((f) => f.id === waitsForId)?.lidNumber ?? null;
  return waiting.ok ? done({ ...waiting.value, waitsFor: lid }) : waiting;
});
