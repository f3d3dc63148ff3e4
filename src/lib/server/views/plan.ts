import { addDays, dayOfWall, wall, type Day } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import {
  cameOf,
  seasonAhead,
  startOf,
  toSow,
  USUAL_HANDS,
  WEEKS_AHEAD,
  type CameOf,
  type Hands,
  type KeptStart,
  type SeasonInput,
  type SeasonSaid,
  type StartAt,
  type ToSow
} from '../../core/season';
import { mondayOf, weekOf } from '../../core/sowing';
import { styleLike } from '../../core/style';
import { batches, seasonSaid } from '../repos';
import { learntOf, type House } from '../usecases';
import { bedsShown } from './beds';
import { careHouse } from './care';
import { living, once } from './living';
import { startsAhead } from './planned';
import { whereTo, type WhereTo } from './where-to';
import { eatingTaught } from './souring';

/** What a season's plan is made from, what was said of it, and what can be begun of it at once. */
export interface PlanAsked extends WhereTo {
  readonly input: SeasonInput;
  readonly today: Day;
  readonly hands: Hands;
  /** Said by hand, of weeks to come. */
  readonly said: Pick<SeasonSaid, 'wishes' | 'matters' | 'held' | 'barred'>;
  /** What of the plan that was kept is still to be begun. */
  readonly kept: readonly KeptStart[];
  /** What came of it in the weeks before, the latest first. */
  readonly keptTo: readonly (StartAt & { readonly came: CameOf })[];
  /** What next year's table wants sown. */
  readonly toSow: readonly ToSow[];
}

/** What was made in a year says of what the next is made. */
const YEAR_DAYS = 366;
/** What was planned is looked back upon for so many weeks. */
const LOOKS_BACK = 8;

export async function planAsked(house: House): Promise<PlanAsked> {
  const { now } = await living(house);
  const today = dayOfWall(now);
  const monday = mondayOf(weekOf(today));
  const said = await seasonSaid(house.db);
  const ahead = <S extends StartAt>(all: readonly S[]) => all.filter((s) => s.monday >= monday);
  return {
    input: await seasonNow(house),
    ...{ today, hands: said.hands ?? USUAL_HANDS, keptTo: await keptTo(house, said, today) },
    said: { wishes: said.wishes, matters: said.matters, held: ahead(said.held), barred: ahead(said.barred) },
    kept: await startsAhead(house, WEEKS_AHEAD),
    toSow: await once(house, 'to sow', () => sownNextYear(house)),
    ...(await whereTo(house))
  };
}

/** What came of what was to be begun in the last weeks. */
async function keptTo(house: House, { kept }: SeasonSaid, today: Day): Promise<PlanAsked['keptTo']> {
  const now = weekOf(today);
  const past = kept.filter((s) => weekOf(s.monday) < now && weekOf(s.monday) >= now - LOOKS_BACK);
  if (past.length === 0) return [];
  const since = wall(mondayOf(now - LOOKS_BACK - 1), 0);
  const begun = (await batches.briefs(house.db, { from: since })).map(startOf);
  return past
    .map(({ styleId, monday }) => ({ styleId, monday, came: cameOf({ styleId, monday }, begun) }))
    .sort((a, b) => b.monday.localeCompare(a.monday) || a.styleId.localeCompare(b.styleId));
}

/** What next year's table wants sown, by what was made this year. */
async function sownNextYear(house: House): Promise<ToSow[]> {
  const { household, now } = await living(house);
  const since = wall(addDays(dayOfWall(now), -YEAR_DAYS), 0);
  const made = (await batches.latest(house.db, { from: since })).flatMap((b) =>
    b.items.map((i) => ({ styleId: styleLike(b.styleId), cropId: i.cropId, g: i.preparedG }))
  );
  const { sowings, ahead } = await bedsShown(house);
  const { groups } = await seasonNow(house);
  const crops = cropsOf(household);
  return toSow({ groups, made, sowings: sowings.filter((s) => !s.over), ahead, crops });
}

/** The season ahead, worked out once for each state of the house. */
export const seasonNow = (house: House): Promise<SeasonInput> => once(house, 'plan', () => seasonOf(house));

async function seasonOf(house: House): Promise<SeasonInput> {
  const { household, lots, batches: live, now } = await living(house);
  const { ahead, frost } = await bedsShown(house);
  return seasonAhead({
    ...{ household, lots, batches: live, today: dayOfWall(now), said: await seasonSaid(house.db) },
    ...{ ahead, frost },
    taught: await eatingTaught(house),
    care: await careHouse(house),
    learnt: await learntOf(house.db, household)
  });
}
