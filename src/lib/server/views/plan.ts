import { addDays, dayOfWall, wall, type Day } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import {
  cameOf,
  isAt,
  isMonth,
  seasonAhead,
  seasonPast,
  startOf,
  toSow,
  USUAL_HANDS,
  WEEKS_AHEAD,
  WEEKS_BACK,
  type CameOf,
  type Hands,
  type KeptStart,
  type SeasonInput,
  type SeasonPast,
  type SeasonSaid,
  type StartAt,
  type ToSow
} from '../../core/season';
import { crop } from '../../core/produce';
import { mondayOf, weekOf, type PicksScored } from '../../core/sowing';
import { styleLike } from '../../core/style';
import { batches, lots, seasonSaid } from '../repos';
import { learntOf, type House } from '../usecases';
import { bedsShown } from './beds';
import { careHouse } from './care';
import { living, nowOf, once } from './living';
import { startsAhead } from './planned';
import { whereTo, type WhereTo } from './where-to';
import { eatingTaught } from './souring';

/** What came of a planned start, and how much of what was planned was made, g prepared. */
export interface KeptTo extends StartAt {
  readonly came: CameOf;
  readonly plannedG: number;
  readonly madeG: number;
}

/** What to sow of a crop, as it was sown last, a year on; null: it was not. And metres that are written down for then. */
export interface ToSowNext extends ToSow {
  readonly again: {
    readonly bed: string;
    readonly variety: string;
    readonly planted: boolean;
    readonly day: Day;
  } | null;
  readonly written: number;
}

/** What a season's plan is made from, what was said of it, and what can be begun of it at once. */
export interface PlanAsked extends WhereTo {
  readonly input: SeasonInput;
  readonly past: SeasonPast;
  readonly today: Day;
  readonly hands: Hands;
  /** Said by hand, of weeks to come. */
  readonly said: Pick<SeasonSaid, 'wishes' | 'wishesAt' | 'matters' | 'held' | 'barred'>;
  /** What of the plan that was kept is still to be begun. */
  readonly kept: readonly KeptStart[];
  /** How what was expected of the beds held. */
  readonly scored: readonly PicksScored[];
  /** What came of it in the weeks before, the latest first. */
  readonly keptTo: readonly KeptTo[];
  /** What next year's table wants sown. */
  readonly toSow: readonly ToSowNext[];
}

/** What was made in a year says of what the next is made. */
const YEAR_DAYS = 366;
/** The same day of the week, a year on. */
const A_YEAR_ON = 364;
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
    past: await once(house, 'plan past', () => pastOf(house)),
    ...{ today, hands: said.hands ?? USUAL_HANDS, keptTo: await keptTo(house, said, today) },
    said: {
      wishes: said.wishes,
      wishesAt: said.wishesAt.filter((w) => w.when === '' || isMonth(w.when) || w.when >= monday),
      matters: said.matters,
      held: ahead(said.held),
      barred: ahead(said.barred)
    },
    kept: await startsAhead(house, WEEKS_AHEAD),
    scored: (await bedsShown(house)).scored,
    toSow: await once(house, 'to sow', () => sownNextYear(house)),
    ...(await whereTo(house))
  };
}

/** What came of what was to be begun in the last weeks, and how much of it was made. */
async function keptTo(house: House, { kept }: SeasonSaid, today: Day): Promise<PlanAsked['keptTo']> {
  const now = weekOf(today);
  const past = kept.filter((s) => weekOf(s.monday) < now && weekOf(s.monday) >= now - LOOKS_BACK);
  if (past.length === 0) return [];
  const begun = (await ofAYear(house)).map((b) => ({
    ...startOf(b),
    g: b.items.reduce((a, i) => a + i.preparedG, 0)
  }));
  const { crops } = await seasonNow(house);
  const own = cropsOf((await living(house)).household);
  const trimOf = (id: string) => crops.find((c) => c.id === id)?.trim ?? crop(id, own)?.trim ?? 1;
  return past
    .map(({ styleId, monday, picks }) => {
      const came = cameOf({ styleId, monday }, begun);
      const at = addDays(monday, 7 * WEEKS_OFF[came]);
      const made = begun.filter((b) => came !== 'not' && isAt({ styleId, monday: at })(b));
      return {
        ...{ styleId, monday, came, madeG: made.reduce((a, b) => a + b.g, 0) },
        plannedG: Object.entries(picks).reduce((a, [id, g]) => a + g * trimOf(id), 0)
      };
    })
    .sort((a, b) => b.monday.localeCompare(a.monday) || a.styleId.localeCompare(b.styleId));
}
const WEEKS_OFF: Readonly<Record<CameOf, number>> = { begun: 0, later: 1, earlier: -1, not: 0 };

/** What was begun within a year. */
const ofAYear = (house: House) =>
  once(house, 'batches of a year', () =>
    batches.latest(house.db, { from: wall(addDays(dayOfWall(nowOf(house)), -YEAR_DAYS), 0) })
  );

/** The weeks before this one, as they were. */
async function pastOf(house: House): Promise<SeasonPast> {
  const { batches: live, now } = await living(house);
  const today = dayOfWall(now);
  const from = wall(mondayOf(weekOf(today) - WEEKS_BACK), 0);
  const newer = await ofAYear(house);
  const { styles } = await seasonNow(house);
  return seasonPast({
    batches: [...newer, ...live.filter((b) => !newer.some((n) => n.id === b.id))],
    picked: (await lots.briefs(house.db, { from })).map((l) => ({
      ...{ cropId: l.cropId, day: l.day, g: l.weighedG }
    })),
    ...{ care: await careHouse(house), styles, today }
  });
}

/** What next year's table wants sown, by what was made this year. */
async function sownNextYear(house: House): Promise<ToSowNext[]> {
  const { household, now } = await living(house);
  const today = dayOfWall(now);
  const made = (await ofAYear(house)).flatMap((b) =>
    b.items.map((i) => ({ styleId: styleLike(b.styleId), cropId: i.cropId, g: i.preparedG }))
  );
  const { sowings, ahead } = await bedsShown(house);
  const { groups } = await seasonNow(house);
  const crops = cropsOf(household);
  const grows = sowings.filter((s) => s.day <= today);
  return toSow({ groups, made, sowings: grows.filter((s) => !s.over), ahead, crops }).map((t) => {
    const last = grows.filter((s) => s.cropId === t.cropId).sort((a, b) => b.day.localeCompare(a.day))[0];
    const written = sowings.filter((s) => s.cropId === t.cropId && s.day > today);
    return {
      ...{ ...t, written: written.reduce((a, s) => a + (s.metres ?? 0), 0) },
      again: last
        ? {
            ...{ bed: last.bed, variety: last.variety, planted: last.planted },
            day: addDays(last.day, A_YEAR_ON)
          }
        : null
    };
  });
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
