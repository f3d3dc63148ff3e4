import type { Batch } from '../../core/batch';
import { careTasks, type CareTask } from '../../core/care';
import { ledger } from '../../core/larder';
import type { Likings, TaughtBySouring } from '../../core/outlook';
import type { Recipe } from '../../core/recipe';
import { batches, recipeOf, runs, type BatchBrief } from '../repos';
import type { Run } from '../../core/run';
import type { House } from '../usecases';
import { careHouse } from './care';
import { living } from './living';
import { record } from './record';
import { likings, souringTaught } from './souring';

/** So many batches stand on a page; the ones before are a tap away. */
const ON_A_PAGE = 60;

/** The batches, the last begun first, found by words. */
export interface Notebook {
  readonly says: string;
  readonly skip: number;
  readonly batches: readonly BatchBrief[];
  /** Where the next ones begin; null: that is all. */
  readonly next: number | null;
  readonly any: boolean;
}

/** As an address asks for it: words, and how many are skipped; what is no number skips none. */
export async function notebook(house: House, asked: { says: string; before: string }): Promise<Notebook> {
  const says = asked.says.slice(0, 80);
  const skip = Math.min(1e6, Math.max(0, Math.floor(Number(asked.before) || 0)));
  const found = await batches.briefs(house.db, { says, skip, most: ON_A_PAGE + 1 });
  return {
    says,
    skip,
    batches: found.slice(0, ON_A_PAGE),
    next: found.length > ON_A_PAGE ? skip + ON_A_PAGE : null,
    any: found.length > 0 || (await batches.any(house.db, {}))
  };
}

/** One batch with its whole record. */
export interface BatchPage {
  readonly batch: Batch;
  readonly said: Awaited<ReturnType<typeof record>>;
  readonly ledger: ReturnType<typeof ledger>;
  /** As it is today; what the batch was made by stands in it. */
  readonly recipe: Recipe | null;
  /** How it was made, where Crockle led through it: layers, what lies in the jars, what was left out. */
  readonly making: Pick<Run, 'id' | 'layers' | 'objects' | 'skipped' | 'over'> | null;
  /** What is due. */
  readonly tasks: readonly CareTask[];
  readonly souring: readonly TaughtBySouring[];
  /** How sour it likes what it makes, by style. */
  readonly likings: Likings;
}

/** A batch's page; undefined where there is none. */
export async function batchPage(house: House, id: string): Promise<BatchPage | undefined> {
  const batch = (await batches.load(house.db, id))?.state;
  if (!batch) return undefined;
  const { now } = await living(house);
  return {
    batch,
    said: await record(house, id),
    ledger: ledger(batch),
    recipe: batch.recipe ? ((await recipeOf(house.db, batch.recipe.id)) ?? null) : null,
    making: (await runs.latest(house.db, { topic: id, most: 1 }))[0] ?? null,
    tasks: careTasks(batch, await careHouse(house), now).filter((t) => t.due <= now),
    souring: await souringTaught(house),
    likings: await likings(house)
  };
}
