import {
  enter,
  nextLidNumbers,
  postingsOf,
  rawFillings,
  standingOf,
  usesUp,
  type Batch,
  type BatchEvent
} from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import * as decide from '../../core/care';
import type { CareRound } from '../../core/care';
import { DROP_ML } from '../../core/instrument';
import { pHMeant, waysOf, type PHSaid } from '../../core/kit';
import { gone, portionCorrected, portioned } from '../../core/larder';
import { brineLeft, type BrineEvent } from '../../core/pantry';
import type { Ways } from '../../core/reading';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Answer } from '../../schema/commands';
import type { Work } from '../db/kinds';
import { bareJpeg } from '../photos/jpeg';
import { batches, brines, household, numbered } from '../repos';
import { dropPhoto, keepPhoto } from '../repos/photos';
import { useCase } from './act';
import { takeGoods } from './goods';

/** Do or skip a care task: all the jars named, with one tap. */
export const logCare = useCase('care', async (work, input) =>
  onBatch(work, input.batchId, (b, around) => decide.cared(b, input, around))
);

/** A round at jars, of one batch or of all at a place: one transaction, one thing to take back. */
export const visit = useCase('visit', async (work, input) => {
  const { how, sour } = input;
  const pH = await pHRead(work, input);
  if (!pH.ok) return pH;
  const lidNumbers: number[] = [];
  let stored = false;
  for (const { batchId, ...at } of input.visits) {
    const said = {
      ...{ ...at, how, pH: pH.value },
      taste: sour === null ? null : { ...input, sour }
    };
    const decided = await onBatchAll(work, batchId, (b, around) => decide.visited(b, said, around));
    // Of a whole place some may have been answered by another hand.
    if (!decided.ok && decided.refusal.code !== 'already-answered') return decided;
    if (!decided.ok) continue;
    stored = true;
    lidNumbers.push(...lidsOf(decided.value.batch, at.fillingIds));
  }
  return stored
    ? done({ lidNumbers: lidNumbers.sort((a, b) => a - b) })
    : refuse('already-answered', { field: 'fillingIds' });
});

/** A taste: marks from 0 to 5, who tasted, whether they like it so, and a note. */
export const logTaste = useCase('taste', async (work, input) =>
  onBatch(work, input.batchId, (b, around) => decide.tasted(b, input, around))
);

/** A taste said wrongly: a new event; the old one stays in the log. */
export const correctTaste = useCase('correct-taste', async (work, input) =>
  onBatch(work, input.batchId, (b) => decide.tasteCorrected(b, input))
);

/** A pH read off a strip or a meter. */
export const measurePH = useCase('ph', async (work, input) => {
  const read = await pHRead(work, input);
  if (!read.ok) return read;
  const { pH = input.pH, by = input.by } = read.value ?? {};
  return onBatch(work, input.batchId, (b) => decide.measured(b, { pH, by, fillingIds: input.fillingIds }));
});

/** The pH that is meant: typed, or reckoned from what stands on the line of the house's meter; null: none is. */
export async function pHRead(
  work: Work,
  said: PHSaid
): Promise<Outcome<{ pH: number; by: 'strip' | 'meter' } | null>> {
  return pHMeant(await household(work.trx), said, work.wall);
}

/** A photo of jars: kept bare of all that a camera writes into it, shown along the days. */
export const addPhoto = useCase('add-photo', async (work, input) => {
  const picture = bareJpeg(Buffer.from(input.image.slice(input.image.indexOf(',') + 1), 'base64'));
  if (!picture) return refuse('photo-strange', { field: 'image' });
  const { jpeg, ...size } = picture;
  const { batchId, fillingIds } = input;
  const decided = await onBatchAll(work, batchId, (b) =>
    single(decide.photographed(b, { fillingIds, ...size }))
  );
  if (!decided.ok) return decided;
  const { batch, after } = decided.value;
  const photo = after.photos.at(-1);
  if (photo) await keepPhoto(work.trx, photo.id, jpeg);
  return done({ batchId, name: batch.name, lidNumbers: lidsOf(batch, fillingIds) });
});

/** A photo deleted for good. */
export const deletePhoto = useCase('delete-photo', async (work, input) => {
  const deleted = await onBatch(work, input.batchId, (b) => decide.photoDeleted(b, input.of));
  if (deleted.ok) await dropPhoto(work.trx, input.of);
  return deleted;
});

/** Acid titrated: it teaches the outlook more than a strip. */
export const titrate = useCase('titrate', async (work, input) => {
  const { fillingIds, sampleMl, molar, used, unit } = input;
  const usedMl = unit === 'drops' ? used * DROP_ML : used;
  return onBatch(work, input.batchId, (b) => decide.titrated(b, { fillingIds, sampleMl, molar, usedMl }));
});

/** A pH that was read or typed wrongly: a new event; the old one stays in the log. */
export const correctPH = useCase('correct-ph', async (work, input) =>
  onBatch(work, input.batchId, (b) => decide.pHCorrected(b, input))
);

/** How much gas one saw: it teaches the outlook. */
export const seeGas = useCase('see-gas', async (work, input) =>
  onBatch(work, input.batchId, (b) => decide.gasSeen(b, input))
);

/** A sign that was seen; one that means "throw it away" marks the jar until it is thrown away or the sign is taken back. */
export const seeSign = useCase('see-sign', async (work, input) => {
  const seen = await onBatch(work, input.batchId, (b) => decide.signSeen(b, input));
  return seen.ok ? done({ ...seen.value, sign: input.sign }) : seen;
});

/** It was not what it seemed: the sign no longer counts. */
export const takeBackSign = useCase('take-back-sign', async (work, input) =>
  onBatch(work, input.batchId, (b) => decide.signTakenBack(b, input.of))
);

/** Eat, give or throw away a quarter, a half, a weight, or the whole jar; the brine of the last pieces may be kept. */
export const takePortion = useCase('portion', async (work, input) => {
  let kept: BrineEvent | null = null;
  const taken = await onBatch(work, input.batchId, (b, around) => {
    const decided = portioned(b, input, around.ways, around);
    if (!decided.ok || !input.keepBrine || decided.value.type !== 'portioned') return decided;
    const raw = rawFillings(b, [input.fillingId]);
    if (!raw.ok) return raw;
    const event: BatchEvent = {
      type: 'portioned',
      data: { ...decided.value.data, brineId: work.command }
    };
    const brine = postingsOf(b, event).find((p) => p.to === `brine:${work.command}`);
    if (!brine) return decided;
    kept = brineLeft(b, brine.what, dayOfWall(work.wall));
    return done(event);
  });
  if (taken.ok && kept) await brines.append(work, work.command, [kept]);
  return taken;
});

/** Jars that are gone when somebody looks again: all of each. */
export const goneJars = useCase('gone', async (work, input) => {
  const decided = await onBatchAll(work, input.batchId, (b, around) => gone(b, input, around.ways, around));
  if (!decided.ok) return decided;
  const { batch } = decided.value;
  const { batchId, fillingIds } = input;
  return done({ batchId, name: batch.name, lidNumbers: lidsOf(batch, fillingIds) });
});

/** It was more, or less, that was eaten: a new event. */
export const correctPortion = useCase('correct-portion', async (work, input) =>
  onBatch(work, input.batchId, (b, { ways }) => portionCorrected(b, input, ways))
);

type Asks<T> = (b: Batch, around: CareRound & { readonly ways: Ways }) => Outcome<T>;

/** What is decided of a batch is stored; the batch as it was and as it is, and that. */
async function onBatchAll(
  work: Work,
  batchId: string,
  ask: Asks<readonly BatchEvent[]>
): Promise<
  Outcome<{ readonly batch: Batch; readonly after: Batch; readonly events: readonly BatchEvent[] }>
> {
  const batch = (await batches.load(work.trx, batchId))?.state;
  if (!batch) return refuse('batch-unknown', { field: 'batchId' });
  if (work.wall < batch.startedAt)
    return refuse('done-before-it', { field: 'doneAt', values: { name: batch.name } });
  const ours = await household(work.trx);
  const decided = ask(batch, { places: ours.places, now: work.wall, ways: waysOf(ours) });
  if (!decided.ok) return decided;
  const after = (await batches.append(work, batchId, decided.value)) ?? batch;
  await takeGoods(
    work,
    decided.value.flatMap((e) => usesUp(batch, e)),
    batchId
  );
  return done({ batch, after, events: decided.value });
}

const single = <E>(one: Outcome<E>): Outcome<readonly E[]> => (one.ok ? done([one.value]) : one);

/** The same of one event, and what it was about. */
export async function onBatch(
  work: Work,
  batchId: string,
  ask: Asks<BatchEvent>
): Promise<Outcome<Answer<'care'>>> {
  const decided = await onBatchAll(work, batchId, (b, around) => single(ask(b, around)));
  if (!decided.ok) return decided;
  const { batch, events } = decided.value;
  const data = events[0]!.data as { fillingIds?: readonly string[]; fillingId?: string; g?: number };
  const touched = data.fillingIds ?? (data.fillingId ? [data.fillingId] : []);
  return done({ batchId, name: batch.name, lidNumbers: lidsOf(batch, touched), g: data.g });
}

/** What is said of jars of several batches at once, each batch in its turn. */
export async function appendEach(
  work: Work,
  said: readonly { readonly batchId: string; readonly event: BatchEvent }[]
): Promise<void> {
  for (const batchId of new Set(said.map((s) => s.batchId)))
    await batches.append(
      work,
      batchId,
      said.flatMap((s) => (s.batchId === batchId ? [s.event] : []))
    );
}

const lidsOf = (b: Batch, ids: readonly string[]): number[] =>
  b.fillings.filter((f) => ids.includes(f.id)).map((f) => f.lidNumber);

/** What already stood there on the first day: jars on the counter since a date, or stock in the cold. */
export const enterStanding = useCase('enter-standing', async (work, input) => {
  const lids = await numbered(work);
  const standing = standingOf(await household(work.trx), input, {
    today: dayOfWall(work.wall),
    inUse: (jarId) => lids.filter((f) => f.emptiedAt === null && f.jarId === jarId).length
  });
  if (!standing.ok) return standing;
  const lidNumbers = nextLidNumbers(input.jars, lids, work.wall);
  const entered = enter(
    standing.value,
    lidNumbers.map((lidNumber, i) => ({ id: `${work.command}.j${i + 1}`, lidNumber }))
  );
  if (!entered.ok) return entered;
  await batches.append(work, work.command, [entered.value]);
  return done({ batchId: work.command, name: input.name, lidNumbers });
});
