import type { Batch } from '../../core/batch';
import type { WallMinute } from '../../core/calendar';
import type { Household } from '../../core/kit';
import type { Lot } from '../../core/lot';
import type { Pantry } from '../../core/pantry';
import { wallOf } from '../clock';
import { batches, household, lots, pantry } from '../repos';
import type { House } from '../usecases';

/** Now, on the household's wall. */
export const nowOf = (house: House): WallMinute => wallOf(house.clock.now(), house.zone);

/** Reads once until something is stored, whoever asks for it again. */
export const once = <T>(house: House, what: string, read: () => Promise<T>): Promise<T> =>
  house.seen ? house.seen.once(what, read) : read();

/** Everything that lives: what most rooms show. */
export interface Living {
  readonly household: Household;
  readonly lots: readonly Lot[];
  readonly batches: readonly Batch[];
  readonly pantry: Pantry;
  readonly now: WallMinute;
}

export const living = (house: House): Promise<Living> =>
  once(house, 'living', async () => {
    const { db } = house;
    return {
      household: await household(db),
      lots: await lots.list(db, 'live'),
      batches: await batches.list(db, 'live'),
      pantry: await pantry(db),
      now: nowOf(house)
    };
  });
