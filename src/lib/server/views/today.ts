import { inHand, placeOf, standing, stillIn, type Batch, type BatchInHand } from '../../core/batch';
import { dayOfWall, type Day, type WallMinute } from '../../core/calendar';
import { roundOf, verdictsOf, type CareTask, type RoundStop, type Verdict } from '../../core/care';
import type { TaughtBySouring } from '../../core/outlook';
import { cropsOf, type Place } from '../../core/kit';
import { rawLife, type Lot } from '../../core/lot';
import type { OwnCrops } from '../../core/produce';
import { dueNow, nextOf } from '../../core/run';
import { styleIn, STYLES, type OwnStyles, type StepDoes } from '../../core/style';
import { runs } from '../repos';
import { benchDraft, type House } from '../usecases';
import { leavingSoon } from './away';
import { care } from './care';
import { living, once } from './living';
import { souringTaught } from './souring';
import { ALL, JARS_STEP, steps, STEP, type Stepped } from './steps';

/** What wants doing now, later and tomorrow, what is to be thrown away, and what is about to turn. */
export interface Today {
  /** The round of now, by place: each batch there once with all that its jars want, those that wait longest first where not all is shown. */
  readonly due: readonly {
    readonly placeId: string;
    readonly stops: Stepped<RoundStop>;
    readonly minutes: number;
    readonly jars: number;
  }[];
  /** Jars that stood on the counter past their last sensible day. */
  readonly overdue: readonly string[];
  /** The next time away that is near. */
  readonly leaving: Awaited<ReturnType<typeof leavingSoon>>;
  readonly later: Stepped<CareTask>;
  readonly tomorrow: Stepped<CareTask>;
  /** For all that is due, shown or not. */
  readonly minutes: number;
  readonly condemned: readonly { readonly batch: BatchInHand; readonly verdicts: readonly Verdict[] }[];
  /** Those of the tasks shown, and what stands beside them. */
  readonly batches: readonly BatchInHand[];
  /** What this household's ferments taught. */
  readonly souring: readonly TaughtBySouring[];
  readonly picks: readonly (Pick<Lot, 'id' | 'cropId' | 'gardenG'> & { readonly daysLeft: number })[];
  /** Makings under way, and those of which something is due; what comes next, and when. */
  readonly makings: readonly MakingDue[];
  /** Sour jars on their way into bottles, and what still lies in them. */
  readonly finishing: readonly { readonly id: string; readonly name: string; readonly stillIn: number }[];
  readonly backupFailure: string | null;
  readonly anyJars: boolean;
}

export interface MakingDue {
  readonly id: string;
  readonly name: string;
  /** The step that is due of one that is closed; null: it is under way. */
  readonly due: StepDoes | 'label' | null;
  /** What the hands take up next of one under way. */
  readonly next: StepDoes | null;
  readonly waitsTill: WallMinute | null;
}

/** Makings under way, the first begun first, then what comes after the lids and is due. */
async function makingsDue(house: House, own: OwnStyles, now: WallMinute): Promise<MakingDue[]> {
  const live = await runs.list(house.db, 'live');
  const all = await Promise.all(
    [...live]
      .sort((a, b) => Number(a.became !== null) - Number(b.became !== null) || a.begunAt - b.begunAt)
      .map(async (run): Promise<MakingDue[]> => {
        const { id, name, waitsTill } = run;
        // On its bench it may be made in another way than it was begun.
        const draft = run.became ? {} : await benchDraft(house.db, run.bench);
        const style = styleIn(draft.styleId ?? run.styleId, own) ?? STYLES[0]!;
        const step = dueNow(run, style, now);
        if (run.became && !step) return [];
        const due = step === null ? null : (step.does ?? 'label');
        return [{ id, name, due, waitsTill, next: nextOf(run, style, draft.salting ?? style.salting) }];
      })
  );
  return all.flat();
}

/** Today, each list in steps, or all of it. */
export async function today(house: House, all: boolean): Promise<Today> {
  const { batches, household, lots, now } = await living(house);
  const day = dayOfWall(now);
  const tasks = await care(house);
  const dueAll = tasks.filter((t) => t.due <= now);
  const most = all ? ALL : STEP;
  const due = (await roundNow(house)).map(({ stops, ...place }) => ({
    ...place,
    stops: steps(stops, most, (a, b) => (a.since ?? Infinity) - (b.since ?? Infinity))
  }));
  const on = (of: string) =>
    steps(
      tasks.filter((t) => t.due > now && dayOfWall(t.due) === of),
      most
    );
  const [later, tomorrow] = [on(day), on(dayOfWall(now + 1440))];
  const shown = new Set(
    [...due.map((p) => p.stops), later, tomorrow].flatMap((s) => s.shown.map((t) => t.batchId))
  );
  // Of a place whose shelf can be drawn all that stands there is shown, else those that call only.
  const jarsAt = (placeId: string) => batches.flatMap(standing).filter((f) => placeOf(f) === placeId).length;
  const drawn = new Set(due.flatMap((p) => (jarsAt(p.placeId) <= JARS_STEP.whole ? [p.placeId] : [])));
  const beside = (b: Batch) => standing(b).some((f) => drawn.has(placeOf(f)));
  return {
    ...{ due, later, tomorrow, condemned: condemnedOf(batches, household.places) },
    minutes: dueAll.reduce((a, t) => a + t.minutes, 0),
    overdue: dueAll.flatMap((t) => (t.kind === 'toCold' ? t.fillingIds : [])),
    batches: batches.filter((b) => shown.has(b.id) || beside(b)).map(inHand),
    picks: turning(lots, day, cropsOf(household)),
    leaving: await leavingSoon(house),
    souring: await souringTaught(house),
    finishing: batches.flatMap(({ id, name, finishing: f }) =>
      f ? [{ id, name, stillIn: stillIn(f).reduce((a, o) => a + o.n, 0) }] : []
    ),
    makings: await makingsDue(house, household.styles, now),
    backupFailure: house.backups?.state().failure ?? null,
    anyJars: batches.length > 0
  };
}

const condemnedOf = (batches: readonly Batch[], places: readonly Place[]): Today['condemned'] =>
  batches
    .map((batch) => ({ batch, verdicts: verdictsOf(batch, places) }))
    .filter((c) => c.verdicts.length > 0)
    .map((c) => ({ ...c, batch: inHand(c.batch) }));

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

/** The round of now, place by place; of one where nothing calls, nothing. */
const roundNow = (house: House) =>
  once(house, 'round-now', async () => {
    const { batches, household, now } = await living(house);
    const due = (await care(house)).filter((t) => t.due <= now);
    return household.places.flatMap(({ id: placeId }) => {
      const here = due.filter((t) => t.placeId === placeId);
      const stops = roundOf(here, batches, now);
      const minutes = here.reduce((a, t) => a + t.minutes, 0);
      const jars = new Set(here.flatMap((t) => t.fillingIds)).size;
      return stops.length > 0 ? [{ placeId, stops, minutes, jars }] : [];
    });
  });
