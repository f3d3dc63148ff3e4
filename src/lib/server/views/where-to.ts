import { cropsOf } from '../../core/kit';
import { FIRST_BENCH, type Lot } from '../../core/lot';
import { makingsOf, type House } from '../usecases';
import { living } from './living';

/** What a start may be begun of, and where. */
export interface WhereTo {
  /** What lies in the Garden, the oldest first. */
  readonly lots: readonly Pick<Lot, 'id' | 'cropId' | 'gardenG' | 'day'>[];
  /** A bench on which nothing lies, to take a start to; null: all are taken, and another is begun. */
  readonly bench: string | null;
}

export async function whereTo(house: House): Promise<WhereTo> {
  const { household, lots } = await living(house);
  const makings = await makingsOf(house.db, cropsOf(household));
  return {
    lots: lots
      .filter((l) => l.gardenG > 0)
      .map(({ id, cropId, gardenG, day }) => ({ id, cropId, gardenG, day }))
      .sort((a, b) => a.day.localeCompare(b.day)),
    bench: makings.some((m) => m.id === FIRST_BENCH) ? null : FIRST_BENCH
  };
}
