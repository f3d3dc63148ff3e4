import { dayOfWall } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import { rawLife, type Lot } from '../../core/lot';
import { lots as lotRepo } from '../repos';
import { makingsOf, type House } from '../usecases';
import { living } from './living';

/** So many picks that are used up are still shown. */
const GONE_SHOWN = 12;

/** Crops of so many last picks are offered first. */
const RECENT = 20;

/** What was picked: what waits, the most urgent first; what is used up; the benches that it may go to. */
export interface Garden {
  readonly picks: readonly (ReturnType<typeof rawLife> & { readonly lot: Lot })[];
  readonly gone: readonly Lot[];
  /** The benches on which something is made: a pick may go to any. */
  readonly benches: readonly { readonly id: string; readonly name: string }[];
  readonly recentCrops: readonly string[];
}

export async function garden(house: House): Promise<Garden> {
  const { db } = house;
  const { household, lots, now } = await living(house);
  const own = cropsOf(household);
  const used = lots.filter((l) => l.gardenG <= 0).reverse();
  return {
    picks: lots
      .filter((l) => l.gardenG > 0)
      .map((lot) => ({ lot, ...rawLife(lot, dayOfWall(now), own) }))
      .sort((a, b) => a.daysLeft - b.daysLeft),
    gone: [...used, ...(await lotRepo.latest(db, { live: false, most: GONE_SHOWN }))].slice(0, GONE_SHOWN),
    benches: (await makingsOf(db, own)).map(({ id, name }) => ({ id, name })),
    recentCrops: [...new Set((await lotRepo.briefs(db, { most: RECENT })).map((l) => l.cropId))]
  };
}
