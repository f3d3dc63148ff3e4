import { kindsAhead, kindShown, type KindShown } from '../../core/appetite';
import type { House } from '../usecases';
import { careHouse } from './care';
import { living, once } from './living';
import { eatingTaught } from './souring';

/** How long everything lasts at the household's appetite, what is soonest gone first. */
export const eatingDown = (house: House): Promise<readonly KindShown[]> =>
  once(house, 'eat-down', async () => {
    const { batches, household, now } = await living(house);
    const taught = await eatingTaught(house);
    const around = { table: household, now };
    return kindsAhead(batches, taught, await careHouse(house), around).map((k) => kindShown(k, now));
  });
