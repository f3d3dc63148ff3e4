import { dayOfWall, type Day } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import { FIRST_BENCH, type Lot } from '../../core/lot';
import { seasonAhead, USUAL_HANDS, type SeasonInput } from '../../core/season';
import { makingsOf, type House } from '../usecases';
import { bedsShown } from './beds';
import { careHouse } from './care';
import { living, once } from './living';
import { eatingTaught } from './souring';

/** What a season's plan is made from, and what can be begun of it at once. */
export interface PlanAsked {
  readonly input: SeasonInput;
  readonly today: Day;
  readonly hands: { readonly hours: number; readonly batches: number };
  readonly usual: typeof USUAL_HANDS;
  /** What lies in the Garden. */
  readonly lots: readonly Pick<Lot, 'id' | 'cropId' | 'gardenG' | 'day'>[];
  /** A bench on which nothing lies, to take a start to; null: all are taken, and another is begun. */
  readonly bench: string | null;
}

/** More hands nobody has, and fewer make nothing. */
const MOST = { hours: 80, batches: 30 };

/** A figure of an address within its limits; anything else: the usual. */
function figure(said: string | null, usual: number, most: number): number {
  const n = Number(said);
  return said !== null && said !== '' && n > 0 && n <= most ? n : usual;
}

/** A week's hands as an address says them. */
export const handsSaid = (params: URLSearchParams): PlanAsked['hands'] => ({
  hours: figure(params.get('hours'), USUAL_HANDS.hours, MOST.hours),
  batches: Math.round(figure(params.get('batches'), USUAL_HANDS.batches, MOST.batches))
});

export async function planAsked(house: House, hands: PlanAsked['hands']): Promise<PlanAsked> {
  const { household, lots: waiting, now } = await living(house);
  const today = dayOfWall(now);
  const makings = await makingsOf(house.db, cropsOf(household));
  return {
    input: await once(house, `plan ${hands.hours} ${hands.batches}`, () => seasonOf(house, hands)),
    ...{ today, hands, usual: USUAL_HANDS },
    lots: waiting
      .filter((l) => l.gardenG > 0)
      .map(({ id, cropId, gardenG, day }) => ({ id, cropId, gardenG, day }))
      .sort((a, b) => a.day.localeCompare(b.day)),
    bench: makings.some((m) => m.id === FIRST_BENCH) ? null : FIRST_BENCH
  };
}

async function seasonOf(house: House, hands: PlanAsked['hands']): Promise<SeasonInput> {
  const { household, lots, batches, now } = await living(house);
  return seasonAhead({
    ...{ household, lots, batches, hands, today: dayOfWall(now) },
    ahead: (await bedsShown(house)).ahead,
    taught: await eatingTaught(house),
    care: await careHouse(house)
  });
}
