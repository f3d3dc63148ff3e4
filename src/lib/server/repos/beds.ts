import type { Knex } from 'knex';
import { BEDS_UNDO, evolveBeds, NO_BEDS, type Beds, type BedsEvent } from '../../core/sowing';
import { Aggregate } from '../db/aggregate';
import { OURS } from './pantry';

export const bedsOurs = new Aggregate<Beds, BedsEvent>({
  kind: 'beds',
  evolve: (_, state, event) => evolveBeds(state ?? NO_BEDS, event),
  isLive: () => true,
  undo: BEDS_UNDO
});

/** What grows in the household's beds. */
export async function beds(trx: Knex): Promise<Beds> {
  return (await bedsOurs.load(trx, OURS))?.state ?? NO_BEDS;
}
