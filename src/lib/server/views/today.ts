import { inHand, type BatchInHand } from '../../core/batch';
import { dayOfWall, type Day } from '../../core/calendar';
import { verdictsOf, type CareTask, type Verdict } from '../../core/care';
import { cropsOf } from '../../core/kit';
import { rawLife, type Lot } from '../../core/lot';
import type { OwnCrops } from '../../core/produce';
import type { House } from '../usecases';
import { care, living } from './index';
import { steps, STEP, type Stepped } from './steps';

/** What wants doing now, later and tomorrow, what is to be thrown away, and what is about to turn. */
export interface Today {
  /** What is due, by place, the longest first where not all is shown. */
  readonly due: readonly { readonly placeId: string; readonly tasks: Stepped<CareTask> }[];
  readonly later: Stepped<CareTask>;
  readonly tomorrow: Stepped<CareTask>;
  /** For all that is due, shown or not. */
  readonly minutes: number;
  readonly condemned: readonly { readonly batch: BatchInHand; readonly verdicts: readonly Verdict[] }[];
  /** Those of the tasks shown. */
  readonly batches: readonly BatchInHand[];
  readonly picks: readonly (Pick<Lot, 'id' | 'cropId' | 'gardenG'> & { readonly daysLeft: number })[];
  readonly backupFailure: string | null;
  readonly anyJars: boolean;
}

/** Today, each list in steps, or all of it. */
export async function today(house: House, all: boolean): Promise<Today> {
  const { batches, household, lots, now } = await living(house);
  const day = dayOfWall(now);
  const tasks = await care(house);
  const dueAll = tasks.filter((t) => t.due <= now);
  const most = all ? Infinity : STEP;
  const due = household.places
    .map((p) => ({
      placeId: p.id,
      tasks: steps(
        dueAll.filter((t) => t.placeId === p.id),
        most,
        longest
      )
    }))
    .filter((p) => p.tasks.shown.length > 0);
  const on = (of: string) =>
    steps(
      tasks.filter((t) => t.due > now && dayOfWall(t.due) === of),
      most
    );
  const [later, tomorrow] = [on(day), on(dayOfWall(now + 1440))];
  const shown = new Set(
    [...due.map((p) => p.tasks), later, tomorrow].flatMap((s) => s.shown.map((t) => t.batchId))
  );
  const condemned = batches
    .map((batch) => ({ batch, verdicts: verdictsOf(batch, household.places, now) }))
    .filter((c) => c.verdicts.length > 0);
  return {
    due,
    later,
    tomorrow,
    minutes: dueAll.reduce((a, t) => a + t.minutes, 0),
    condemned: condemned.map(({ batch, verdicts }) => ({ batch: inHand(batch), verdicts })),
    batches: batches.filter((b) => shown.has(b.id)).map(inHand),
    picks: turning(lots, day, cropsOf(household)),
    backupFailure: house.backups?.state().failure ?? null,
    anyJars: batches.length > 0
  };
}

/** Picks that lie in the Garden and keep two days or less, the most urgent first. */
const turning = (lots: readonly Lot[], day: Day, own: OwnCrops): Today['picks'] =>
  lots
    .filter((lot) => lot.gardenG > 0)
    .map((lot) => {
      const { id, cropId, gardenG } = lot;
      return { id, cropId, gardenG, daysLeft: rawLife(lot, day, own).daysLeft };
    })
    .filter((p) => p.daysLeft <= 2)
    .sort((a, b) => a.daysLeft - b.daysLeft);

const longest = (a: CareTask, b: CareTask) => a.since - b.since;
