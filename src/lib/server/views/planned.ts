import { dayOfWall, wall } from '../../core/calendar';
import { startOf, startsToCome, type KeptStart } from '../../core/season';
import { mondayOf, weekOf } from '../../core/sowing';
import { batches, seasonSaid } from '../repos';
import type { House } from '../usecases';
import { nowOf } from './living';

/** What of the kept plan is still to be begun within so many weeks. */
export async function startsAhead(house: House, weeks: number): Promise<KeptStart[]> {
  const said = await seasonSaid(house.db);
  if (said.kept.length === 0) return [];
  const today = dayOfWall(nowOf(house));
  const begun = await batches.briefs(house.db, { from: wall(mondayOf(weekOf(today)), 0) });
  return startsToCome(said, today, begun.map(startOf), weeks);
}
