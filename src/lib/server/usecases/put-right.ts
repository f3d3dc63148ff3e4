import {
  correctionOf,
  remedyFor,
  standingFillings,
  type Batch,
  type BatchEvent,
  type Filling
} from '../../core/batch';
import { SAUCE_BASES } from '../../core/correct';
import { done, refuse, type Outcome } from '../../core/refusal';
import { asMeasured, saltKind } from '../../core/salt';
import { waysOf } from '../../core/kit';
import { bareMass, readWeight } from '../../core/reading';
import type { Work } from '../db/kinds';
import { batches, household, OURS, pantries, pantry } from '../repos';
import { styleLike } from '../../core/style';
import { useCase } from './act';

/**
 * Jars put right: what was drawn off, poured or strewn is an event of the batch, with the reason, and their salinity
 * is their own from then on; the salt comes off the pantry shelf.
 */
export const putRightJars = useCase('put-right', async (work, input) => {
  const named = await jarsNamed(work, input);
  if (!named.ok) return named;
  const { b, jars } = named.value;
  const ours = await household(work.trx);
  const table = saltKind(b.saltKindId ?? ours.saltKindId) ?? saltKind(ours.saltKindId);
  if (!table) return refuse('salt-unknown', { field: 'batchId' });
  const { purity } = asMeasured(table, ours.ownSpoons);
  const events: BatchEvent[] = [];
  for (const f of jars) {
    const right = remedyFor(input, b, f, work.wall, waysOf(ours));
    if (!right.ok) return right;
    const { trouble, remedy, jar } = right.value;
    events.push({
      type: 'putRight',
      data: {
        fillingId: f.id,
        trouble: trouble.kind,
        from: jar.phase.salinity,
        reason: input.reason,
        ...correctionOf(trouble, remedy, purity)
      }
    });
  }
  await batches.append(work, b.id, events);
  const saltG = events.reduce((a, e) => a + (e.type === 'putRight' ? e.data.saltG : 0), 0);
  const shelf = (await pantry(work.trx)).find((g) => g.saltKindId === table.id);
  if (shelf && saltG > 0)
    await pantries.append(work, OURS, [
      { type: 'goodsUsed', data: { id: shelf.id, amount: saltG, batchId: b.id } }
    ]);
  const last = events.at(-1);
  const ends = last?.type === 'putRight' ? last.data.to : 0;
  return done({ batchId: b.id, name: b.name, lidNumbers: jars.map((f) => f.lidNumber), ends });
});

/** Vinegar or citric acid stirred into a sauce: a reading of the pH before, and what went in. */
export const sourSauce = useCase('sour-sauce', async (work, input) => {
  const named = await jarsNamed(work, input);
  if (!named.ok) return named;
  const { b, jars } = named.value;
  if (!SAUCE_BASES[styleLike(b.styleId)]) return refuse('no-sauce', { field: 'batchId' });
  const ways = waysOf(await household(work.trx));
  const sauce = readWeight(input.sauce, 'sauce', ways, bareMass(ways));
  if (!sauce.ok) return sauce;
  const { fillingIds, pH, wanted, vinegarMl, citricG } = input;
  if (vinegarMl + citricG === 0) return refuse('missing', { field: 'vinegarMl' });
  await batches.append(work, b.id, [
    { type: 'measured', data: { fillingIds, pH } },
    { type: 'soured', data: { fillingIds, pH, wanted, sauceG: sauce.value.g, vinegarMl, citricG } }
  ]);
  return done({ batchId: b.id, name: b.name, lidNumbers: jars.map((f) => f.lidNumber) });
});

/** A batch, and those of its jars that are named; each holds something. */
async function jarsNamed(
  work: Work,
  { batchId, fillingIds }: { batchId: string; fillingIds: readonly string[] }
): Promise<Outcome<{ b: Batch; jars: readonly Filling[] }>> {
  const found = await batches.load(work.trx, batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const jars = standingFillings(found.state, fillingIds);
  return jars.ok ? done({ b: found.state, jars: jars.value }) : jars;
}
