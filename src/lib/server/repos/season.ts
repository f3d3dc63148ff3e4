import type { Knex } from 'knex';
import { evolveSaid, NOTHING_SAID, SEASON_UNDO, type SeasonEvent, type SeasonSaid } from '../../core/season';
import { Aggregate } from '../db/aggregate';
import { OURS } from './pantry';

export const seasonsSaid = new Aggregate<SeasonSaid, SeasonEvent>({
  kind: 'season',
  evolve: (_, state, event) => evolveSaid(state ?? NOTHING_SAID, event),
  isLive: () => true,
  undo: SEASON_UNDO
});

/** What the household says of its season itself. */
export async function seasonSaid(trx: Knex): Promise<SeasonSaid> {
  return (await seasonsSaid.load(trx, OURS))?.state ?? NOTHING_SAID;
}
