import { dayOfWall, type Day } from '../../core/calendar';
import { quickAnswers, type QuickAnswers, type SeasonCrop } from '../../core/season';
import type { House } from '../usecases';
import { nowOf } from './living';
import { seasonNow } from './plan';
import { whereTo, type WhereTo } from './where-to';

/** What lies in the Garden, and what one may do with one crop of it. */
export interface BasketAsked extends WhereTo {
  readonly today: Day;
  /** The crops that lie there, what was picked last first. */
  readonly lying: readonly { readonly cropId: string; readonly g: number }[];
  /** The crop that is asked about: the last picked, where none is named or it is used up; null: nothing lies there. */
  readonly cropId: string | null;
  readonly answers: QuickAnswers | null;
  /** Of all crops: what a pick gives. */
  readonly crops: readonly Pick<SeasonCrop, 'id' | 'trim'>[];
  readonly sizes: readonly { readonly id: string; readonly litres: number }[];
}

export async function basketAsked(house: House, named: string | null): Promise<BasketAsked> {
  const { lots, bench } = await whereTo(house);
  const ids = [...new Set([...lots].reverse().map((l) => l.cropId))];
  const lying = ids.map((cropId) => ({
    cropId,
    g: lots.reduce((a, l) => (l.cropId === cropId ? a + l.gardenG : a), 0)
  }));
  const cropId = ids.find((id) => id === named) ?? ids[0] ?? null;
  const input = await seasonNow(house);
  return {
    ...{ today: dayOfWall(nowOf(house)), lots, bench, lying, cropId },
    answers: cropId === null ? null : quickAnswers(input, cropId),
    crops: input.crops.map(({ id, trim }) => ({ id, trim })),
    sizes: input.sizes.map(({ id, litres }) => ({ id, litres }))
  };
}
