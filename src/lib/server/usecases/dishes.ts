import { dayOfWall } from '../../core/calendar';
import { dishDropped, dishPlanned, dishSaid, plannedDropped, type Household } from '../../core/kit';
import { cooked, forCooking } from '../../core/larder';
import { done, refuse } from '../../core/refusal';
import { batches, household, households, OURS } from '../repos';
import { useCase } from './act';
import { appendEach } from './batches';
import { inHouse } from './household';

/** A dish of the household that eats ferments. */
export const setDish = useCase('set-dish', async (work, input) =>
  inHouse(
    work,
    (ours) => dishSaid(ours, { ...input, command: work.command }),
    ({ data }) => ({ name: data.name })
  )
);

const nameOf = ({ dishes }: Household, id: string | undefined): string =>
  dishes.find((d) => d.id === id)?.name ?? '';

/** It is no longer cooked, and what was planned of it neither. */
export const dropDish = useCase('drop-dish', async (work, { dishId }) =>
  inHouse(
    work,
    (ours) => dishDropped(ours, dishId),
    (_, now, before) => ({ name: nameOf(before, dishId) })
  )
);

/** So many servings on a day: how long everything lasts reckons with it. */
export const planDish = useCase('plan-dish', async (work, { dishId, servings, day }) =>
  inHouse(
    work,
    (ours) => dishPlanned(ours, { dishId, servings, day, command: work.command }, dayOfWall(work.wall)),
    (_, now) => ({ name: nameOf(now, dishId), servings, day })
  )
);

/** Not after all. */
export const dropPlanned = useCase('drop-planned', async (work, { plannedId }) =>
  inHouse(
    work,
    (ours) => plannedDropped(ours, plannedId),
    (_, now, before) => ({
      name: nameOf(before, before.plannedDishes.find((p) => p.id === plannedId)?.dishId)
    })
  )
);

/** So many servings cooked: out of the jars that should go first, all as one to take back. */
export const cookDish = useCase('cook-dish', async (work, { dishId, servings, plannedId }) => {
  const ours = await household(work.trx);
  const dish = ours.dishes.find((d) => d.id === dishId);
  if (!dish) return refuse('dish-unknown', { field: 'dishId' });
  const live = await batches.list(work.trx, 'live');
  const taken = cooked(dish, servings, forCooking(live, ours.places));
  if (!taken.ok) return taken;
  await appendEach(work, taken.value);
  if (plannedId && ours.plannedDishes.some((p) => p.id === plannedId))
    await households.append(work, OURS, [{ type: 'plannedDropped', data: { id: plannedId } }]);
  const lidNumbers = taken.value.map((t) => t.lidNumber).sort((a, b) => a - b);
  return done({ name: dish.name, servings, lidNumbers });
});
