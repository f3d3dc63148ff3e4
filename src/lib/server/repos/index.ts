import type { Knex } from 'knex';
import {
  BATCH_UNDO,
  BATCH_UPCASTS,
  evolveBatch,
  isLive,
  LID_REST_DAYS,
  taughtByBatch,
  type Batch,
  type BatchEvent,
  type Filling
} from '../../core/batch';
import { wall, type Day } from '../../core/calendar';
import {
  evolveHousehold,
  HOUSEHOLD_UNDO,
  HOUSEHOLD_UPCASTS,
  NEW_HOUSEHOLD,
  type Household,
  type HouseholdEvent
} from '../../core/kit';
import { NO_POLICY, type UndoPolicy } from '../../core/history';
import { WASHED_DAYS, type Emptied } from '../../core/kitchen';
import { ledger, type Ledger } from '../../core/larder';
import {
  evolveLot,
  isOpen,
  LOT_UNDO,
  LOT_UPCASTS,
  taughtByPick,
  type Lot,
  type LotEvent
} from '../../core/lot';
import { asShipped, evolveRecipe, STARTING_RECIPES, type Recipe, type RecipeEvent } from '../../core/recipe';
import { evolveRun, RUN_UNDO, RUN_UPCASTS, taughtByRun, type Run, type RunEvent } from '../../core/run';
import { evolveTimer, TIMER_UNDO, type Timer, type TimerEvent } from '../../core/timer';
import { Aggregate } from '../db/aggregate';
import { bedsOurs } from './beds';
import { brines, OURS, pantries, shoppings } from './pantry';
import { seasonsSaid } from './season';

export * from './beds';
export * from './pantry';
export * from './season';
import type { Work } from '../db/kinds';

export const lots = new Aggregate<Lot, LotEvent, LotBrief>({
  kind: 'lot',
  evolve: evolveLot,
  upcasts: LOT_UPCASTS,
  undo: LOT_UNDO,
  isLive: isOpen,
  line: (lot) => ({
    topic: lot.cropId,
    begun: wall(lot.day, 12),
    brief: { cropId: lot.cropId, bed: lot.bed, day: lot.day, weighedG: lot.weighed.g, gardenG: lot.gardenG },
    teaches: taughtByPick(lot)[0]
  })
});
export const batches = new Aggregate<Batch, BatchEvent, BatchBrief>({
  kind: 'batch',
  evolve: evolveBatch,
  upcasts: BATCH_UPCASTS,
  undo: BATCH_UNDO,
  isLive,
  line: (b) => ({
    topic: b.recipe?.id ?? null,
    begun: b.startedAt,
    brief: briefOf(b),
    words: [b.name, b.style.name, ...b.fillings.map((f) => f.lidNumber)].join(' '),
    teaches: taughtByBatch(b)[0]
  })
});

/** A pick as lists show it. */
export interface LotBrief {
  readonly cropId: string;
  readonly bed: string;
  readonly day: Day;
  readonly weighedG: number;
  readonly gardenG: number;
}

/** A lid and what it stood on; emptied: it is free, and rests for a while. */
export type Lid = Pick<Filling, 'lidNumber'> & Emptied;

/** A batch as lists show it; the name of its style is there to be found by. */
export interface BatchBrief extends Ledger {
  readonly id: string;
  readonly name: string;
  readonly styleId: string;
  readonly style: string;
  readonly startedAt: number;
  readonly equilibrium: number | null;
  readonly live: boolean;
  readonly lids: readonly Lid[];
  readonly last: { readonly sour: number; readonly note: string } | null;
  readonly recipe: Batch['recipe'];
}

function briefOf(b: Batch): BatchBrief {
  const taste = b.tastes.at(-1);
  return {
    id: b.id,
    name: b.name,
    styleId: b.styleId,
    style: b.style.name,
    startedAt: b.startedAt,
    equilibrium: b.equilibrium,
    live: isLive(b),
    lids: b.fillings.map(({ id, lidNumber, jarId, emptiedAt }) => ({
      ...{ lidNumber, jarId, emptiedAt },
      broke: b.portions.some((p) => p.fillingId === id && p.because?.kind === 'broke')
    })),
    last: taste ? { sour: taste.sour, note: taste.note } : null,
    recipe: b.recipe,
    ...ledger(b)
  };
}
export const households = new Aggregate<Household, HouseholdEvent>({
  kind: 'household',
  evolve: (_, state, event, { at }) => evolveHousehold(state ?? NEW_HOUSEHOLD, event, at),
  isLive: () => true,
  upcasts: HOUSEHOLD_UPCASTS,
  undo: HOUSEHOLD_UNDO,
  line: ({ resets, crops }) => ({ teaches: { resets, crops } })
});
export const timers = new Aggregate<Timer, TimerEvent>({
  kind: 'timer',
  evolve: evolveTimer,
  undo: TIMER_UNDO,
  isLive: (t) => !t.ended
});

export const runs = new Aggregate<Run, RunEvent>({
  kind: 'run',
  evolve: (id, state, event, { at }) => evolveRun(id, state, event, at),
  upcasts: RUN_UPCASTS,
  undo: RUN_UNDO,
  isLive: (r) => !r.over,
  line: (r) => ({ topic: r.became?.batchId ?? null, begun: r.begunAt, teaches: taughtByRun(r)[0] })
});

/** The making under way on a bench: not closed yet, not given up. */
export const runOn = async (trx: Knex, bench: string): Promise<Run | undefined> =>
  (await runs.list(trx, 'live')).find((r) => r.bench === bench && r.became === null);

export const recipes = new Aggregate<Recipe, RecipeEvent>({
  kind: 'recipe',
  evolve: evolveRecipe,
  isLive: (r) => !r.retired
});

/** Every recipe in use: the household's own, and of the starting set what it has not changed or put away. */
export async function allRecipes(trx: Knex): Promise<Recipe[]> {
  const own = await recipes.list(trx, 'all');
  const shipped = STARTING_RECIPES.filter(([id]) => !own.some((r) => r.id === id));
  return [...own.filter((r) => !r.retired), ...shipped.map(([id, text]) => asShipped(id, text))];
}

/** One recipe, own or of the starting set; put away or not. */
export async function recipeOf(trx: Knex, id: string): Promise<Recipe | undefined> {
  const own = (await recipes.load(trx, id))?.state;
  const shipped = STARTING_RECIPES.find(([s]) => s === id);
  return own ?? (shipped && asShipped(id, shipped[1]));
}

/** The household as it is now, or as it is before anything was said. */
export async function household(trx: Knex): Promise<Household> {
  return (await households.load(trx, OURS))?.state ?? NEW_HOUSEHOLD;
}

const byKind: Record<
  string,
  {
    rebuild(trx: Knex, id: string, zone: string, since?: number): Promise<void>;
    rebuildAll(trx: Knex, zone: string, oneMore: () => void): Promise<void>;
    readonly undo: UndoPolicy;
  }
> = {
  ...{ lot: lots, batch: batches, household: households, pantry: pantries },
  ...{ shopping: shoppings, beds: bedsOurs, season: seasonsSaid },
  ...{ brine: brines, recipe: recipes, timer: timers, run: runs }
};

/** What may be undone in a stream though something came after it. */
export const undoPolicyOf = (stream: string): UndoPolicy =>
  byKind[stream.split(':')[0] ?? '']?.undo ?? NO_POLICY;

/** Derives the current row of one stream anew, whatever its kind, from the event that was undone on. */
export async function rebuildStream(trx: Knex, stream: string, zone: string, since: number): Promise<void> {
  const [kind = '', ...rest] = stream.split(':');
  await byKind[kind]?.rebuild(trx, rest.join(':'), zone, since);
}

/** Hears how far it is, a tenth at a time: `0.3` is three tenths. */
export type Progress = (share: number) => void;

/** Derives everything anew from the log. */
export async function rebuildAll(trx: Knex, zone: string, tell: Progress = () => undefined): Promise<void> {
  await trx('current').delete();
  await trx('line').delete();
  await trx('kept').delete();
  await trx('snapshot').delete();
  const [all] = await trx.raw<{ n: number }[]>('select count(distinct stream) as n from event');
  const streams = all?.n ?? 0;
  let [done, told] = [0, 0];
  const oneMore = () => {
    const tenths = Math.floor((10 * ++done) / streams);
    if (tenths > told) tell((told = tenths) / 10);
  };
  for (const kind of Object.values(byKind)) await kind.rebuildAll(trx, zone, oneMore);
}

/** The lid numbers that are in use or rest: of batches with jars, and of those that ended lately. */
export const numbered = async (work: Work): Promise<Lid[]> =>
  (await batches.liveOrSince(work.trx, work.at - (LID_REST_DAYS + 1) * 86_400_000)).flatMap((b) => b.lids);

/** Every vessel that holds something or was emptied so lately that it may want washing. */
export const emptiedLately = async (trx: Knex, at: number): Promise<Lid[]> =>
  (await batches.liveOrSince(trx, at - (WASHED_DAYS + 1) * 86_400_000)).flatMap((b) => b.lids);
