import type { Knex } from 'knex';
import { taughtByEating, type TaughtByEating } from '../../core/appetite';
import type { Batch } from '../../core/batch';
import { likingsOf, sugarsOf, taughtBySouring, type Likings, type TaughtBySouring } from '../../core/outlook';
import { standsOf } from '../db/kinds';
import { batches } from '../repos';
import type { House } from '../usecases';
import { living, once } from './living';

/** So many of the newest batches teach how fast ferments go here: what a kitchen was years ago says little of it. */
const NEWEST = 40;

interface Known {
  readonly id: string;
  readonly n: number;
  readonly taught: TaughtBySouring | null;
  readonly eaten: TaughtByEating | null;
  /** Its tastes, for what the household likes. */
  readonly tasted: Pick<Batch, 'styleId' | 'tastes'>;
}
/** What each batch teaches, as far as it had come, by the house's file: reckoned once. */
const knownOf = new WeakMap<Knex, { of: string; batches: Map<string, Known> }>();

/** What the newest batches that are over teach of how fast ferments go here. */
export const souringTaught = async (house: House): Promise<readonly TaughtBySouring[]> =>
  (await known(house)).flatMap((k) => k.taught ?? []).reverse();

/** How the newest batches, and all that still stand, were eaten. */
export const eatingTaught = async (house: House): Promise<readonly TaughtByEating[]> =>
  once(house, 'eating', async () => {
    const { batches: live, household } = await living(house);
    const newest = await known(house);
    const older = live.filter((b) => !newest.some((k) => k.id === b.id));
    const eaten = [...newest.map((k) => k.eaten), ...older.map((b) => taughtByEating(b, household.places))];
    return eaten.flatMap((e) => e ?? []);
  });

/** How sour the household likes what it makes, by style, from its newest batches. */
export const likings = async (house: House): Promise<Likings> =>
  once(house, 'likings', async () => likingsOf((await known(house)).map((k) => k.tasted)));

const known = (house: House): Promise<readonly Known[]> =>
  once(house, 'souring', async () => {
    const { household, now } = await living(house);
    const { places, crops } = household;
    // A place that was always otherwise makes all of them anew; a reading of it speaks for the days around it only.
    const of = JSON.stringify([places.map((p) => [p.id, p.kind, p.tempC, p.was, p.swingC]), sugarsOf(crops)]);
    const before = knownOf.get(house.db);
    const had = before?.of === of ? before.batches : new Map<string, Known>();
    const newest = await standsOf(house.db, 'batch', { most: NEWEST });
    const anew = new Map<string, Known>();
    for (const { id, n } of newest) {
      const same = had.get(id);
      if (same?.n === n) anew.set(id, same);
      else {
        const b = (await batches.load(house.db, id))?.state;
        if (b)
          anew.set(id, {
            id,
            n,
            eaten: taughtByEating(b, places),
            taught: taughtBySouring(b, { places, sugars: sugarsOf(crops) }, now),
            tasted: { styleId: b.styleId, tastes: b.tastes.filter((t) => t.liked) }
          });
      }
    }
    knownOf.set(house.db, { of, batches: anew });
    return [...anew.values()];
  });
