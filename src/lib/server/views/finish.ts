import { freeSizes, brineOfJars, laidIn, toFinish, type Batch, type LaidIn } from '../../core/batch';
import { dayOfWall } from '../../core/calendar';
import { freeJars } from '../../core/kitchen';
import type { TaughtBySouring } from '../../core/outlook';
import { brineServes, type KnownBrine } from '../../core/pantry';
import type { OwnedSize } from '../../core/worksheet';
import { batches, brines, emptiedLately, runs } from '../repos';
import type { House } from '../usecases';
import { knownBrines } from './brines';
import { living } from './living';
import { souringTaught } from './souring';

/** Jars on their way into bottles: what lies in them, what their brine is, what they may be filled into. */
export interface FinishShown {
  readonly batch: Batch;
  /** What has to come out of the jars that stand. */
  readonly laid: readonly LaidIn[];
  /** Of the jars that are finished, or of all that stand: brine that was poured, and its strength. */
  readonly brine: { readonly pouredG: number; readonly strength: number };
  /** Free jars and bottles, smallest first. */
  readonly sizes: readonly OwnedSize[];
  /** Kept brines that may go into the bowl. */
  readonly brines: readonly KnownBrine[];
  readonly souring: readonly TaughtBySouring[];
}

/** The finishing of one batch; undefined where there is none of that name. */
export async function finishShown(house: House, id: string): Promise<FinishShown | undefined> {
  const batch = (await batches.load(house.db, id))?.state;
  if (!batch) return undefined;
  const { household, now } = await living(house);
  const today = dayOfWall(now);
  const kept = await knownBrines(house, await brines.list(house.db, 'live'));
  const run = (await runs.latest(house.db, { topic: id, most: 1 }))[0];
  const ids = batch.finishing?.fillingIds ?? toFinish(batch).map((f) => f.id);
  const lids = await emptiedLately(house.db, house.clock.now());
  return {
    batch,
    laid: batch.finishing?.laid ?? laidIn(toFinish(batch), batch.fillings, run?.objects ?? {}),
    brine: brineOfJars(batch, ids),
    sizes: freeSizes(freeJars(household, lids)),
    brines: kept.filter((b) => !brineServes(b, today).includes('away')),
    souring: await souringTaught(house)
  };
}
