import { leftG, portion, standing } from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import * as decide from '../../core/kit';
import { cropsOf, type Household, type HouseholdEvent } from '../../core/kit';
import { jarsToWash } from '../../core/kitchen';
import { electrodeOf } from '../../core/instrument';
import { cropName } from '../../core/produce';
import { done, refuse, type Outcome } from '../../core/refusal';
import { saltKind } from '../../core/salt';
import type { Work } from '../db/kinds';
import { batches, emptiedLately, household, households, OURS } from '../repos';
import { useCase } from './act';

/** The first-run page answered, or skipped; and settings changed later. */
export const settle = useCase('settle', async (work, input) => {
  const decided = decide.settled(input);
  if (!decided.ok) return decided;
  const state = await households.append(work, OURS, decided.value);
  const owned = input.jars.reduce((a, j) => a + j.owned, 0);
  return done({ name: state?.name ?? '', ...(input.jars.length > 0 ? { owned } : {}) });
});

/** So many of a kind of jar are owned: bought, found, broken. */
export const ownJars = useCase('own-jars', async (work, input) => {
  const full = await fullJars(work);
  return inHouse(work, (ours) => decide.jarsOwned(ours, input, full), jarAnswer);
});

/** A jar measured by the household: brim volume by its weight in water, headspace, weight. */
export const measureJar = useCase('measure-jar', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.jarMeasured(ours, input),
    ({ data }) => ({ name: data.name })
  )
);

/** A shape of the household's own: brim volume by its weight in water, opening and height with a ruler. */
export const shapeJar = useCase('shape-jar', async (work, input) =>
  inHouse(work, (ours) => decide.jarShaped(ours, input), jarAnswer)
);

/** A jar broke: one fewer is owned, and what stood in it is thrown away. */
export const breakJar = useCase('break-jar', async (work, { jarId, fillingId }) => {
  const live = await batches.list(work.trx, 'live');
  const batch = live.find((b) => standing(b).some((f) => f.id === fillingId && f.jarId === jarId));
  const filling = batch && standing(batch).find((f) => f.id === fillingId);
  if (fillingId && !filling) return refuse('jar-unknown', { field: 'fillingId' });
  if (batch && filling) {
    const thrown = portion(batch, filling.id, 'thrown', leftG(filling), '', { kind: 'broke' });
    if (!thrown.ok) return thrown;
    await batches.append(work, batch.id, [thrown.value]);
  }
  const full = await fullJars(work);
  return inHouse(work, (ours) => decide.jarBroken(ours, jarId, full(jarId)), jarAnswer);
});

/** Jars washed: free, and clean. */
export const washJars = useCase('wash-jars', async (work, { jarId }) => {
  const lids = await emptiedLately(work.trx, work.at);
  const toWash = jarsToWash(await household(work.trx), lids, work.wall);
  return inHouse(
    work,
    (ours) => decide.jarsWashed(ours, jarId, toWash),
    ({ data }) => ({ jars: data.jarIds.reduce((a, id) => a + (toWash[id] ?? 0), 0) })
  );
});

/** A place, new or changed: a counter, a cold one, a pantry shelf. */
export const setPlace = useCase('set-place', async (work, input) => {
  const lived = new Set((await jarsStanding(work)).map((f) => f.stays.at(-1)?.placeId));
  const said = { ...input, command: work.command };
  return inHouse(
    work,
    (ours) => decide.placeSaid(ours, said, (id) => lived.has(id)),
    () => ({ name: input.name })
  );
});

/** A thermometer read where jars stand: the day counts as warm as it says. */
export const readThermometer = useCase('read-thermometer', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.thermometerRead(ours, input),
    ({ data }, now) => ({
      name: now.places.find((p) => p.id === data.id)?.name ?? '',
      tempC: data.tempC
    })
  )
);

/** The pH meter has stood in its buffers: what it says from now on is reckoned by them. */
export const calibrateMeter = useCase('calibrate-meter', async (work, input) =>
  inHouse(
    work,
    () =>
      decide.meterCalibrated({
        seven: { mV: input.sevenMv, tempC: input.sevenC },
        four: { mV: input.fourMv, tempC: input.fourC }
      }),
    ({ data }) => ({ percent: Math.round(electrodeOf(data).slope * 100) })
  )
);

/** Somebody takes a place, or gives it back. */
export const takePlace = useCase('take-place', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.placeTaken(ours, { placeId: input.placeId, by: input.name }),
    ({ data }, now) => ({ name: now.places.find((p) => p.id === data.id)?.name ?? '', by: data.by })
  )
);

/** A portion by the household's own name. */
export const setPortion = useCase('set-portion', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.portionSaid(ours, { ...input, command: work.command }),
    ({ data }) => ({ name: data.name, g: data.g })
  )
);

/** A bowl weighed empty, to be subtracted ever after. */
export const setTare = useCase('set-tare', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.tareSaid(ours, { ...input, command: work.command }),
    ({ data }) => ({
      name: data.name,
      g: data.g
    })
  )
);

/** A weight with its own measures, new or changed. */
export const setWeight = useCase('set-weight', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.weightSaid(ours, { ...input, command: work.command }),
    () => ({ name: input.name })
  )
);

/** Ten level spoons of the household's own salt: they replace the table. */
export const weighSpoon = useCase('weigh-spoon', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.spoonWeighed(ours, input),
    () => ({ name: saltKind(input.saltKindId)?.name ?? '' })
  )
);

/** Nobody is here from one day to another: the Bench says what wants another lid. */
export const planAway = useCase('plan-away', async (work, { from, to }) =>
  inHouse(
    work,
    () => decide.awayPlanned({ from, to, command: work.command }),
    () => ({ from, to })
  )
);

/** Not away after all. */
export const dropAway = useCase('drop-away', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.awayDropped(ours, input.awayId),
    () => ({ name: '' })
  )
);

/** A crop of the household's own, or a figure of the table corrected. */
export const setCrop = useCase('set-crop', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.cropTyped(ours, input),
    ({ data }, now) => ({
      cropId: data.id,
      name: cropName(data.id, cropsOf(now))
    })
  )
);

/** A crop back to the table, or no longer offered. */
export const dropCrop = useCase('drop-crop', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.cropDropped(ours, input.cropId),
    (_, now, before) => ({
      name: cropName(input.cropId, cropsOf(before))
    })
  )
);

/** A way of its own to make a style. */
export const setStyle = useCase('set-style', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.styleTyped(ours, input),
    ({ data }) => ({ styleId: data.id, name: data.name })
  )
);

/** No longer offered; what was made by it keeps its name and its days. */
export const dropStyle = useCase('drop-style', async (work, input) =>
  inHouse(
    work,
    (ours) => decide.styleDropped(ours, input.styleId),
    (_, now) => ({
      name: now.styles.find((s) => s.id === input.styleId)?.name ?? ''
    })
  )
);

/** What was learnt begins anew: from the table, and the batches to come. */
export const resetLearning = useCase('reset-learning', async (work, { what }) => {
  const data = { what, day: dayOfWall(work.wall) };
  return inHouse(
    work,
    () => done({ type: 'learningReset', data }),
    () => ({ name: what })
  );
});

const jarsStanding = async (work: Work) => (await batches.list(work.trx, 'live')).flatMap(standing);

/** How many jars of a kind hold something. */
async function fullJars(work: Work): Promise<(jarId: string) => number> {
  const full = await jarsStanding(work);
  return (jarId) => full.filter((f) => f.jarId === jarId).length;
}

const jarAnswer = ({ data }: HouseholdEvent & { type: 'jarsOwned' }) => ({
  name: data.name,
  owned: data.owned
});

/** What the household says of itself: decided by core from what it was, appended, answered. */
export async function inHouse<E extends HouseholdEvent, A>(
  work: Work,
  ask: (before: Household) => Outcome<E>,
  answer: (event: E, now: Household, before: Household) => A
): Promise<Outcome<A>> {
  const before = await household(work.trx);
  const decided = ask(before);
  if (!decided.ok) return decided;
  const now = await households.append(work, OURS, [decided.value]);
  return done(answer(decided.value, now ?? before, before));
}
