import {
  correctPortion as decidePortionCorrection,
  enter,
  move,
  nextLidNumbers,
  portion,
  standingFillings,
  type Batch,
  type BatchEvent
} from '../../core/batch';
import { careTasks, verdictOn } from '../../core/care';
import { signCalled } from '../../core/safety';
import { dayOfWall } from '../../core/calendar';
import { quarterG } from '../../core/larder';
import { crop } from '../../core/produce';
import { done, refuse, strangeDay, type Outcome } from '../../core/refusal';
import { style } from '../../core/style';
import { jarGeometry } from '../../core/vessel';
import { waysOf } from '../../core/kit';
import { bareMass, type Ways, readWeight } from '../../core/reading';
import type { Work } from '../db/aggregate';
import { batches, household, numbered } from '../repos';
import type { Answer } from '../../schema/commands';
import { useCase } from './act';

/** Do or skip a care task: all the jars named, with one tap. */
export const logCare = useCase('care', async (work, input) => {
  const { places } = await household(work.trx);
  return onBatch(work, input.batchId, (b) => {
    const jars = standingFillings(b, input.fillingIds);
    if (!jars.ok) return jars;
    const open = careTasks(b, places, work.wall).filter((t) => t.kind === input.kind);
    const wanted = input.fillingIds.filter((id) =>
      open.some((t) => t.due <= Math.max(input.slot, work.wall) && t.fillingIds.includes(id))
    );
    if (wanted.length === 0) return refuse('already-answered', { field: 'fillingIds' });
    return done({
      type: 'cared',
      data: { kind: input.kind, how: input.how, slot: input.slot, fillingIds: wanted }
    });
  });
});

/** Refuses what is not done with a jar that is to be thrown away: tasting, moving, eating, giving. */
async function notCondemned(work: Work, b: Batch, ids: readonly string[]): Promise<Outcome<null>> {
  const { places } = await household(work.trx);
  for (const f of b.fillings.filter((j) => ids.includes(j.id) && j.emptiedAt === null)) {
    const verdict = verdictOn(b, f, places, work.wall);
    if (!verdict) continue;
    const why =
      verdict.by.kind === 'pH'
        ? `pH ${verdict.by.pH} on day ${verdict.by.day}.`
        : `${signCalled(verdict.by.sign)?.sign ?? 'a sign of spoiling'}.`;
    return refuse('discard-first', { field: 'fillingIds', values: { lidNumber: f.lidNumber, why } });
  }
  return done(null);
}

/** A taste: sour, salt and crunch from 0 to 5, and a note. */
export const logTaste = useCase('taste', async (work, input) =>
  onBatch(work, input.batchId, async (b) => {
    const jars = standingFillings(b, input.fillingIds);
    if (!jars.ok) return jars;
    const sound = await notCondemned(work, b, input.fillingIds);
    if (!sound.ok) return sound;
    const { fillingIds, sour, salt, crunch, note } = input;
    return done({ type: 'tasted', data: { fillingIds, sour, salt, crunch, note } });
  })
);

/** A taste said wrongly: a new event; the old one stays in the log. */
export const correctTaste = useCase('correct-taste', async (work, input) =>
  onBatch(work, input.batchId, (b) => {
    const { of, sour, salt, crunch, note } = input;
    if (!b.tastes.some((t) => t.id === of)) return refuse('taste-unknown', { field: 'of' });
    return done({ type: 'tasteCorrected', data: { of, sour, salt, crunch, note } });
  })
);

/** A pH read off a strip. */
export const measurePH = useCase('ph', async (work, input) =>
  onBatch(work, input.batchId, (b) => {
    const jars = standingFillings(b, input.fillingIds);
    return jars.ok ? done({ type: 'measured', data: { fillingIds: input.fillingIds, pH: input.pH } }) : jars;
  })
);

/** A pH that was read or typed wrongly: a new event; the old one stays in the log. */
export const correctPH = useCase('correct-ph', async (work, input) =>
  onBatch(work, input.batchId, (b) =>
    b.readings.some((r) => r.id === input.of)
      ? done({ type: 'pHCorrected', data: { of: input.of, pH: input.pH ?? null } })
      : refuse('reading-unknown', { field: 'of' })
  )
);

/** A sign that means "throw it away": the jar is so marked until it is thrown away or the sign is taken back. */
export const seeSign = useCase('see-sign', async (work, input) =>
  onBatch(work, input.batchId, (b) => {
    const jars = standingFillings(b, input.fillingIds);
    if (!jars.ok) return jars;
    if (signCalled(input.sign)?.level !== 'discard') return refuse('sign-unknown', { field: 'sign' });
    return done({ type: 'signSeen', data: { fillingIds: input.fillingIds, sign: input.sign } });
  })
);

/** It was not what it seemed: the sign no longer counts. */
export const takeBackSign = useCase('take-back-sign', async (work, input) =>
  onBatch(work, input.batchId, (b) =>
    b.signs.some((s) => s.id === input.of)
      ? done({ type: 'signTakenBack', data: { of: input.of } })
      : refuse('sign-unknown', { field: 'of' })
  )
);

/** Jars to another place, or to the cold. */
export const moveJars = useCase('move', async (work, input) => {
  const place = (await household(work.trx)).places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  return onBatch(work, input.batchId, async (b) => {
    const sound = await notCondemned(work, b, input.fillingIds);
    return sound.ok ? move(b, input.fillingIds, place) : sound;
  });
});

/** Eat, give or throw away a quarter, a half, a weight, or the whole jar. */
export const takePortion = useCase('portion', async (work, input) =>
  onBatch(work, input.batchId, async (b, ways) => {
    const jars = standingFillings(b, [input.fillingId]);
    const sound = input.how === 'thrown' ? done(null) : await notCondemned(work, b, [input.fillingId]);
    if (!sound.ok) return sound;
    const jar = jars.ok ? jars.value[0] : undefined;
    if (!jars.ok || !jar) return jars.ok ? refuse('jar-unknown') : jars;
    if (input.seenG !== undefined && Math.abs(input.seenG - jar.leftG) > 1)
      return refuse('changed-meanwhile', {
        field: 'amount',
        values: { lidNumber: jar.lidNumber, leftG: jar.leftG }
      });
    const g = amountOf(input.amount, input.weight, jar.leftG, quarterG(jar), ways);
    return g.ok ? portion(b, jar.id, input.how, g.value, input.reason) : g;
  })
);

function amountOf(
  amount: 'quarter' | 'half' | 'all' | 'weight',
  said: string,
  leftG: number,
  quarter: number,
  ways: Ways
): Outcome<number> {
  if (amount === 'all') return done(leftG);
  if (amount === 'quarter') return done(quarter);
  if (amount === 'half') return done(Math.min(leftG, 2 * quarter));
  const read = readWeight(said, 'weight', ways, bareMass(ways));
  return read.ok ? done(read.value.g) : read;
}

/** It was more, or less, that was eaten: a new event. */
export const correctPortion = useCase('correct-portion', async (work, input) => {
  const ways = waysOf(await household(work.trx));
  const read = /^0( ?g)?$/.test(input.weight)
    ? done({ said: '0', g: 0 })
    : readWeight(input.weight, 'weight', ways, bareMass(ways));
  if (!read.ok) return read;
  return onBatch(work, input.batchId, (b) => decidePortionCorrection(b, input.of, read.value.g));
});

async function onBatch(
  work: Work,
  batchId: string,
  decide: (b: Batch, ways: Ways) => Outcome<BatchEvent> | Promise<Outcome<BatchEvent>>
): Promise<Outcome<Answer<'care'>>> {
  const found = await batches.load(work.trx, batchId);
  if (!found) return refuse('batch-unknown', { field: 'batchId' });
  if (work.wall < found.state.startedAt)
    return refuse('done-before-it', { field: 'doneAt', values: { name: found.state.name } });
  const decided = await decide(found.state, waysOf(await household(work.trx)));
  if (!decided.ok) return decided;
  await batches.append(work, batchId, [decided.value]);
  const data = decided.value.data as { fillingIds?: readonly string[]; fillingId?: string; g?: number };
  const touched = data.fillingIds ?? (data.fillingId ? [data.fillingId] : []);
  const lidNumbers = found.state.fillings.filter((f) => touched.includes(f.id)).map((f) => f.lidNumber);
  return done({ batchId, name: found.state.name, lidNumbers, g: data.g });
}

/** What already stood there on the first day: jars on the counter since a date, or stock in the cold. */
export const enterStanding = useCase('enter-standing', async (work, input) => {
  const ours = await household(work.trx);
  const kind = crop(input.cropId);
  const jar = ours.jars.find((j) => j.id === input.jarId);
  const shape = jar && jarGeometry(jar.geometryId);
  const place = ours.places.find((p) => p.id === input.placeId);
  const s = style(input.styleId);
  if (!s) return refuse('style-unknown', { field: 'styleId' });
  if (!kind) return refuse('crop-unknown', { field: 'cropId' });
  if (!jar || !shape) return refuse('jar-kind-unknown', { field: 'jarId' });
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const placeSince = input.placeSince ? input.placeSince : input.since;
  for (const [field, day] of [
    ['since', input.since],
    ['placeSince', placeSince]
  ] as const) {
    const strange = strangeDay(day, dayOfWall(work.wall), field);
    if (strange) return strange;
  }
  const all = await numbered(work);
  const jarsAll = all.flatMap((b) => b.fillings);
  const lidNumbers = nextLidNumbers(input.jars, jarsAll, work.wall);
  const entered = enter(
    {
      name: input.name,
      style: s,
      crop: kind,
      jar,
      shape,
      inUse: jarsAll.filter((f) => f.emptiedAt === null && f.jarId === jar.id).length,
      place,
      since: input.since,
      placeSince,
      quarters: input.quarters,
      equilibrium: input.saltPercent === undefined ? null : input.saltPercent / 100,
      note: input.note
    },
    lidNumbers.map((lidNumber, i) => ({ id: `${work.command}.j${i + 1}`, lidNumber }))
  );
  if (!entered.ok) return entered;
  await batches.append(work, work.command, [entered.value]);
  return done({ batchId: work.command, name: input.name, lidNumbers });
});
