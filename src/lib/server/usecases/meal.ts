import { portioned, shelfCounted } from '../../core/larder';
import { done, refuse } from '../../core/refusal';
import { batches, household, households, OURS } from '../repos';
import { useCase } from './act';
import { appendEach, onBatch } from './batches';

/** A meal from several jars: a part of each, all of them or none, and taken back as one. */
export const eatMeal = useCase('eat-meal', async (work, { name: reason, how, portions }) => {
  const lidNumbers: number[] = [];
  let g = 0;
  for (const { batchId, ...said } of portions) {
    const eaten = await onBatch(work, batchId, (b, around) =>
      portioned(b, { ...said, weight: '', how, reason }, around.ways, around)
    );
    if (!eaten.ok) return eaten;
    lidNumbers.push(...eaten.value.lidNumbers);
    g += eaten.value.g ?? 0;
  }
  return done({ lidNumbers: lidNumbers.sort((a, b) => a - b), g, how });
});

/** A shelf counted through: what differs is booked with its reason, and the place keeps when it was counted. */
export const countShelf = useCase('count-shelf', async (work, input) => {
  const { places } = await household(work.trx);
  const place = places.find((p) => p.id === input.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const live = await batches.list(work.trx, 'live');
  const counted = shelfCounted(live, place, input, { places, now: work.wall });
  if (!counted.ok) return counted;
  const { events, jars, off } = counted.value;
  await appendEach(work, events);
  await households.append(work, OURS, [{ type: 'placeCounted', data: { id: place.id, jars, off } }]);
  return done({ name: place.name, jars, off });
});
