import { jarsPutRight, sauceSoured, standingFillings, usesUp } from '../../core/batch';
import { ofSalt } from '../../core/pantry';
import { done, refuse } from '../../core/refusal';
import { batches, household } from '../repos';
import { useCase } from './act';
import { takeGoods } from './goods';

/**
 * Jars put right: what was drawn off, poured or strewn is an event of the batch, with the reason, and their salinity
 * is their own from then on; the salt comes off the pantry shelf.
 */
export const putRightJars = useCase('put-right', async (work, input) => {
  const found = await batches.load(work.trx, input.batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const b = found.state;
  const decided = jarsPutRight(b, input, await household(work.trx), work.wall);
  if (!decided.ok) return decided;
  const { events, jars, ends, saltKindId, saltG } = decided.value;
  await batches.append(work, b.id, events);
  await takeGoods(work, [ofSalt(saltKindId, saltG)], b.id);
  return done({ batchId: b.id, name: b.name, lidNumbers: jars.map((f) => f.lidNumber), ends });
});

/** Vinegar or citric acid stirred into a sauce: a reading of the pH before, and what went in. */
export const sourSauce = useCase('sour-sauce', async (work, input) => {
  const found = await batches.load(work.trx, input.batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const b = found.state;
  const decided = sauceSoured(b, input, await household(work.trx));
  if (!decided.ok) return decided;
  await batches.append(work, b.id, decided.value);
  await takeGoods(
    work,
    decided.value.flatMap((e) => usesUp(b, e)),
    b.id
  );
  const jars = standingFillings(b, input.fillingIds);
  const lidNumbers = jars.ok ? jars.value.map((f) => f.lidNumber) : [];
  return done({ batchId: b.id, name: b.name, lidNumbers });
});
