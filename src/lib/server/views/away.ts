import { inHand, type BatchInHand } from '../../core/batch';
import { dayOfWall, daysBetween, type Day } from '../../core/calendar';
import { awayPlan, type AwayPlan } from '../../core/care';
import type { TaughtBySouring } from '../../core/outlook';
import type { House } from '../usecases';
import { careHouse } from './care';
import { living } from './living';
import { souringTaught } from './souring';

/** Days on which nobody is here, and what that means for what stands on the counter. */
export interface AwayShown {
  readonly id: string;
  readonly from: Day;
  readonly to: Day;
  readonly plan: AwayPlan;
  /** Those that the plan speaks of. */
  readonly batches: readonly BatchInHand[];
  /** What this household's ferments taught. */
  readonly souring: readonly TaughtBySouring[];
}

/** One time away; undefined: it is not planned. */
export async function away(house: House, id: string): Promise<AwayShown | undefined> {
  const { household, batches, now } = await living(house);
  const found = household.away.find((a) => a.id === id);
  if (!found) return undefined;
  const plan = awayPlan(batches, await careHouse(house), found, now);
  const spoken = new Set(plan.jars.map((j) => j.batchId));
  const souring = await souringTaught(house);
  return { ...found, plan, souring, batches: batches.filter((b) => spoken.has(b.id)).map(inHand) };
}

/** Somebody who leaves within so many days thinks of it now. Our judgement. */
const SOON_DAYS = 7;

/** The next time away that is near, and how many jars want something before it; null: nobody leaves soon. */
export async function leavingSoon(
  house: House
): Promise<{ readonly id: string; readonly from: Day; readonly to: Day; readonly jars: number } | null> {
  const { household, now } = await living(house);
  const today = dayOfWall(now);
  const [next] = household.away
    .filter((a) => a.to >= today && daysBetween(today, a.from) <= SOON_DAYS)
    .sort((a, b) => (a.from < b.from ? -1 : 1));
  const shown = next && (await away(house, next.id));
  if (!shown) return null;
  const { id, from, to, plan } = shown;
  const jars = plan.jars.filter((j) => !j.ways.includes('stays')).flatMap((j) => j.lidNumbers).length;
  return { id, from, to, jars };
}
