import type { Knex } from 'knex';
import { standing } from '../../core/batch';
import type { WallMinute } from '../../core/calendar';
import { careBy, careTasks, nextDue, type CareHouse, type CareTask, type Courses } from '../../core/care';
import { knowsOf } from '../../core/outlook';
import type { House } from '../usecases';
import { living, once } from './living';
import { souringTaught } from './souring';

/** Each house's courses, by its file: a jar of which nothing new is known is not reckoned again. */
const coursesOf = new WeakMap<Knex, Courses>();

/** What care stands on in this house: its places, and what its ferments taught. */
export const careHouse = (house: House): Promise<CareHouse> =>
  once(house, 'care house', async () => {
    const { household, batches, now } = await living(house);
    const courses = coursesOf.get(house.db) ?? (new Map() as Courses);
    coursesOf.set(house.db, courses);
    const stands = new Set(batches.flatMap((b) => standing(b).map((f) => f.id)));
    const by = careBy(knowsOf(household, await souringTaught(house)), now, courses);
    return { ...by, stands: (id) => stands.has(id) };
  });

/** All that wants doing, of every batch that lives. */
export const care = (house: House): Promise<readonly CareTask[]> =>
  once(house, 'care', async () => {
    const { batches, now } = await living(house);
    const around = await careHouse(house);
    return batches.flatMap((b) => careTasks(b, around, now));
  });

/** When something falls due next; null: nothing ever will. */
export const nextCare = async (house: House): Promise<WallMinute | null> => {
  const { batches, now } = await living(house);
  return nextDue(batches, await careHouse(house), now);
};
