import { dayOfWall, wall, type Day, type WallMinute } from '../../core/calendar';
import { roundsAhead, windowsAhead, type RoundAhead, type WindowAhead } from '../../core/care';
import { cropsOf } from '../../core/kit';
import { cropName } from '../../core/produce';
import type { WrittenUnits } from '../../core/quantity';
import { stylesIn } from '../../core/style';
import { versionOf } from '../db/log';
import type { House } from '../usecases';
import { careHouse } from './care';
import { running } from './index';
import { living, once } from './living';
import { startsAhead } from './planned';

/** What is to come, for a calendar. */
export interface Diary {
  readonly household: string;
  /** How far the log went: what is told anew is newer. */
  readonly version: number;
  /** UTC ms. */
  readonly told: number;
  readonly placeNames: Readonly<Record<string, string>>;
  readonly rounds: readonly RoundAhead[];
  readonly windows: readonly WindowAhead[];
  readonly timers: readonly {
    readonly id: string;
    readonly name: string;
    readonly next: string;
    readonly at: WallMinute;
  }[];
  /** What of the season's plan is to be begun, each within its week. */
  readonly planned: readonly {
    readonly styleId: string;
    readonly monday: Day;
    readonly name: string;
    readonly picks: readonly { readonly name: string; readonly g: number }[];
  }[];
  readonly units: WrittenUnits;
}

/** A kept plan is told so many weeks ahead: what is firm of it. */
const PLANNED_WEEKS = 6;

/** Rounds are told so far ahead; farther nobody knows what a jar will want. */
const DAYS_AHEAD = 14;

/** What is to come, from this morning on; for one by name without the places that others have taken. */
export async function diary(house: House, name: string): Promise<Diary> {
  const all = await once(house, 'diary', () => wholeDiary(house));
  const { household } = await living(house);
  const plain = (who: string) => who.trim().toLowerCase();
  const others = (placeId: string) => {
    const by = plain(household.takes[placeId] ?? '');
    return name !== '' && by !== '' && by !== plain(name);
  };
  return { ...all, rounds: all.rounds.filter((r) => !others(r.placeId)) };
}

async function wholeDiary(house: House): Promise<Diary> {
  const { household, batches, now } = await living(house);
  const around = await careHouse(house);
  const today = wall(dayOfWall(now));
  const elapsed = house.clock.elapsed();
  return {
    ...{ household: household.name, version: await versionOf(house.db), told: house.clock.now() },
    placeNames: Object.fromEntries(household.places.map((p) => [p.id, p.name])),
    rounds: roundsAhead(batches, around, today, today + DAYS_AHEAD * 1440),
    planned: (await startsAhead(house, PLANNED_WEEKS)).map(({ styleId, monday, picks }) => ({
      ...{ styleId, monday },
      name: stylesIn(household.styles).find((s) => s.id === styleId)?.name ?? styleId,
      picks: Object.entries(picks).map(([id, g]) => ({
        g,
        name: cropName(id, cropsOf(household)).toLowerCase()
      }))
    })),
    units: household.units,
    windows: windowsAhead(batches, around, today),
    timers: (await running(house))
      .filter((t) => t.endsAt > elapsed)
      .map(({ id, name, next, endsAt }) => ({
        id,
        name,
        next,
        at: now + Math.round((endsAt - elapsed) / 60_000)
      }))
  };
}
