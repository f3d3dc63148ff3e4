import type { Knex } from 'knex';
import { sugarsOf, taughtBySouring, type TaughtBySouring } from '../../core/outlook';
import { standsOf } from '../db/kinds';
import { batches } from '../repos';
import type { House } from '../usecases';
import { living, once } from './living';

/** So many of the newest batches teach how fast ferments go here: what a kitchen was years ago says little of it. */
const NEWEST = 40;

interface Known {
  readonly n: number;
  readonly taught: TaughtBySouring | null;
}
/** What each batch teaches, as far as it had come, by the house's file: reckoned once. */
const knownOf = new WeakMap<Knex, { of: string; batches: Map<string, Known> }>();

/** What the newest batches that are over teach of how fast ferments go here. */
export const souringTaught = (house: House): Promise<readonly TaughtBySouring[]> =>
  once(house, 'souring', async () => {
    const { household, now } = await living(house);
    const { places, crops } = household;
    // A place that was always otherwise makes all of them anew; a reading of it speaks for the days around it only.
    const of = JSON.stringify([places.map((p) => [p.id, p.kind, p.tempC, p.was, p.swingC]), sugarsOf(crops)]);
    const before = knownOf.get(house.db);
    const known = before?.of === of ? before.batches : new Map<string, Known>();
    const newest = await standsOf(house.db, 'batch', { most: NEWEST });
    const anew = new Map<string, Known>();
    for (const { id, n } of newest) {
      const same = known.get(id);
      if (same?.n === n) anew.set(id, same);
      else {
        const b = (await batches.load(house.db, id))?.state;
        if (b) anew.set(id, { n, taught: taughtBySouring(b, { places, sugars: sugarsOf(crops) }, now) });
      }
    }
    knownOf.set(house.db, { of, batches: anew });
    return [...anew.values()].flatMap((k) => k.taught ?? []).reverse();
  });
