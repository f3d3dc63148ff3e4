import {
  decant,
  nextLidNumbers,
  pourInto,
  usesUp,
  weightToPour,
  type Batch,
  type Filling,
  type Sour
} from '../../core/batch';
import type { WallMinute } from '../../core/calendar';
import { notCondemned } from '../../core/care';
import { freeJars } from '../../core/kitchen';
import { waysOf, type Household } from '../../core/kit';
import { keepUntil } from '../../core/larder';
import { aheadOf, knowsOf, sourNow } from '../../core/outlook';
import { done, refuse, type Outcome } from '../../core/refusal';
import { ownedSize } from '../../core/worksheet';
import type { Work } from '../db/kinds';
import { batches, household, numbered } from '../repos';
import { useCase } from './act';
import { takeGoods } from './goods';

/** What is left of a jar into a free one that fits it better: the same batch, under a jar number of its own. */
export const decantJar = useCase('decant', async (work, input) => {
  const ours = await household(work.trx);
  const from = await sound(work, ours, input);
  if (!from.ok) return from;
  const lids = await numbered(work);
  const jar = freeJars(ours, lids).find((j) => j.id === input.jarId);
  const size = jar && ownedSize(jar);
  if (!size) return refuse('jar-kind-unknown', { field: 'jarId' });
  if (size.free < 1)
    return refuse('jars-not-free', { field: 'jarId', values: { name: size.jar.name, free: size.free } });
  const g = weightToPour(input.weight, waysOf(ours));
  if (!g.ok) return g;
  const [lidNumber = 0] = nextLidNumbers(1, lids, work.wall);
  const { name: jarName, geometryId, lid } = size.jar;
  const { usableMl, headspaceMm } = size;
  const into = { id: `${work.command}.j1`, lidNumber, jarId: size.id, jarName, geometryId, lid, headspaceMm };
  const decanted = decant(from.value, input.fillingId, { ...into, usableMl }, g.value);
  if (!decanted.ok) return decanted;
  await batches.append(work, from.value.id, [decanted.value]);
  await takeGoods(work, usesUp(from.value, decanted.value), from.value.id);
  return done({ batchId: from.value.id, name: from.value.name, lidNumbers: [lidNumber] });
});

/** A jar poured into another that stands: of one batch, or two batches that become one there. */
export const pourTogether = useCase('pour-together', async (work, input) => {
  const ours = await household(work.trx);
  const from = await sound(work, ours, input);
  if (!from.ok) return from;
  const to = await sound(work, ours, { batchId: input.intoBatchId, fillingId: input.intoFillingId });
  if (!to.ok) return to;
  const g = weightToPour(input.weight, waysOf(ours));
  if (!g.ok) return g;
  const jar = from.value.fillings.find((f) => f.id === input.fillingId);
  const poured = pourInto(
    { b: from.value, fillingId: input.fillingId },
    { b: to.value, fillingId: input.intoFillingId },
    g.value,
    {
      keeps: jar ? keepUntil(from.value.style, jar, ours.places) : null,
      sour: jar ? soursIn(ours, from.value, jar, work.wall) : null
    }
  );
  if (!poured.ok) return poured;
  await batches.append(work, from.value.id, [poured.value.passedOn]);
  if (poured.value.received) await batches.append(work, to.value.id, [poured.value.received]);
  const lidNumbers = to.value.fillings.filter((f) => f.id === input.intoFillingId).map((f) => f.lidNumber);
  return done({ batchId: to.value.id, name: to.value.name, lidNumbers });
});

/** How far a jar has come, as far as anybody can reckon it. */
function soursIn(ours: Household, b: Batch, f: Filling, now: WallMinute): Sour | null {
  const ahead = aheadOf(b, f, knowsOf(ours, []), now);
  return ahead && sourNow(ahead);
}

/** A batch of whose jar something may still be eaten. */
async function sound(
  work: Work,
  { places }: Household,
  { batchId, fillingId }: { readonly batchId: string; readonly fillingId: string }
): Promise<Outcome<Batch>> {
  const found = await batches.load(work.trx, batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  const may = notCondemned(found.state, [fillingId], { places, now: work.wall });
  return may.ok ? done(found.state) : may;
}
