import { kindsAhead, kindShown, type JarBack, type KindAhead, type KindShown } from '../../core/appetite';
import type { House } from '../usecases';
import { careHouse } from './care';
import { living, once } from './living';
import { eatingTaught } from './souring';

const ahead = (house: House): Promise<readonly KindAhead[]> =>
  once(house, 'eat-ahead', async () => {
    const { batches, household, now } = await living(house);
    const taught = await eatingTaught(house);
    return kindsAhead(batches, taught, await careHouse(house), { table: household, now });
  });

/** How long everything lasts at the household's appetite, what is soonest gone first. */
export const eatingDown = (house: House): Promise<readonly KindShown[]> =>
  once(house, 'eat-down', async () => {
    const { now } = await living(house);
    return (await ahead(house)).map((k) => kindShown(k, now));
  });

/** When every vessel that holds something comes back empty. */
export const jarsComingBack = async (house: House): Promise<readonly JarBack[]> =>
  (await ahead(house)).flatMap((k) => k.back);
