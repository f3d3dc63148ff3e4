import { addDays, dayOfWall, wall, type Day } from '../../core/calendar';
import {
  cropsAhead,
  expectedOf,
  firstPick,
  picksScored,
  seasonOver,
  type CropAhead,
  type PicksScored,
  type Sowing
} from '../../core/sowing';
import { beds, lots } from '../repos';
import type { House } from '../usecases';
import { nowOf, once } from './living';

/** So far back picks teach what a bed gives. */
const YEARS_BACK = 3;

/** A sowing as its list shows it. */
export interface SowingShown extends Sowing {
  readonly firstPick: Day;
  /** All that is expected of it before the frost, g. */
  readonly givesG: number;
  /** Its season is over: it only teaches. */
  readonly over: boolean;
}

/** What grows, and what it will bring. */
export interface BedsShown {
  readonly sowings: readonly SowingShown[];
  readonly frost: string | null;
  readonly ahead: readonly CropAhead[];
  /** How what was expected of the last weeks held. */
  readonly scored: readonly PicksScored[];
}

/** So many weeks are looked back upon. */
const SCORED_WEEKS = 8;

export const bedsShown = (house: House): Promise<BedsShown> =>
  once(house, 'beds', async () => {
    const { sowings, frost } = await beds(house.db);
    const today = dayOfWall(nowOf(house));
    const from = wall(addDays(today, -366 * YEARS_BACK), 0);
    const picks = sowings.length > 0 ? await lots.briefs(house.db, { from }) : [];
    const picked = picks.map((l) => ({ cropId: l.cropId, day: l.day, g: l.weighedG }));
    return {
      frost,
      ahead: cropsAhead(sowings, frost, picked, today),
      scored: picksScored(sowings, frost, picked, { today, weeks: SCORED_WEEKS }),
      sowings: sowings
        .map((s) => ({
          ...s,
          firstPick: firstPick(s),
          givesG: sum(expectedOf(s, frost)),
          over: seasonOver(s, frost, today)
        }))
        .sort((a, b) => a.firstPick.localeCompare(b.firstPick))
    };
  });

const sum = (of: ReadonlyMap<number, number>): number => [...of.values()].reduce((a, g) => a + g, 0);
