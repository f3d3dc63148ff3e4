import type { Knex } from 'knex';
import { evolveBatch, isLive, type Batch, type BatchEvent } from '../../core/batch';
import {
  evolveHousehold,
  evolveBrine,
  evolvePantry,
  NEW_HOUSEHOLD,
  type BrineEvent,
  type Household,
  type HouseholdEvent,
  type KeptBrine,
  type Pantry,
  type PantryEvent
} from '../../core/kit';
import { evolveLot, isOpen, type Lot, type LotEvent } from '../../core/lot';
import { asShipped, evolveRecipe, STARTING_RECIPES, type Recipe, type RecipeEvent } from '../../core/recipe';
import { Aggregate } from '../db/aggregate';

export const lots = new Aggregate<Lot, LotEvent>({ kind: 'lot', evolve: evolveLot, isLive: isOpen });
export const batches = new Aggregate<Batch, BatchEvent>({ kind: 'batch', evolve: evolveBatch, isLive });
export const households = new Aggregate<Household, HouseholdEvent>({
  kind: 'household',
  evolve: (_, state, event) => evolveHousehold(state ?? NEW_HOUSEHOLD, event),
  isLive: () => true
});
export const pantries = new Aggregate<Pantry, PantryEvent>({
  kind: 'pantry',
  evolve: (_, state, event) => evolvePantry(state ?? [], event),
  isLive: () => true
});

export const brines = new Aggregate<KeptBrine, BrineEvent>({
  kind: 'brine',
  evolve: evolveBrine,
  isLive: (b) => b.ml > 0
});

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

/** One household, one shelf: their streams have one name. */
export const OURS = 'ours';

/** The household as it is now, or as it is before anything was said. */
export async function household(trx: Knex): Promise<Household> {
  return (await households.load(trx, OURS))?.state ?? NEW_HOUSEHOLD;
}

/** What is on the pantry shelf. */
export async function pantry(trx: Knex): Promise<Pantry> {
  return (await pantries.load(trx, OURS))?.state ?? [];
}

const byKind: Record<
  string,
  {
    rebuild(trx: Knex, id: string, zone: string): Promise<void>;
    rebuildAll(trx: Knex, zone: string): Promise<void>;
  }
> = {
  lot: lots,
  batch: batches,
  household: households,
  pantry: pantries,
  brine: brines,
  recipe: recipes
};

/** Derives the current row of one stream anew, whatever its kind. */
export async function rebuildStream(trx: Knex, stream: string, zone: string): Promise<void> {
  const [kind = '', ...rest] = stream.split(':');
  await byKind[kind]?.rebuild(trx, rest.join(':'), zone);
}

/** Derives everything anew from the log. */
export async function rebuildAll(trx: Knex, zone: string): Promise<void> {
  await trx('current').delete();
  for (const kind of Object.values(byKind)) await kind.rebuildAll(trx, zone);
}

/** What `current` looks like in this code: raised whenever a derived state gains or changes a field. */
const SHAPE = 4;

/** Derives everything anew when the database was last used by code that derived it otherwise. */
export async function keepShape(db: Knex, zone: string): Promise<'as it was' | 'derived anew' | 'mended'> {
  const [row] = await db.raw<{ user_version: number }[]>('PRAGMA user_version');
  const shape = row?.user_version ?? 0;
  const same = shape === SHAPE;
  if (same && (await derivedIsWhole(db))) return 'as it was';
  await db.transaction((trx) => rebuildAll(trx, zone));
  await db.raw(`PRAGMA user_version = ${SHAPE}`);
  return same ? 'mended' : 'derived anew';
}

/** Whether every derived row can be read and stands at the end of its stream, and no stream that has begun lacks one. */
async function derivedIsWhole(db: Knex): Promise<boolean> {
  const [odd] = await db.raw<{ n: number }[]>(
    `select count(*) as n from current left join (select stream, max(n) as last from event group by stream) as log
     on log.stream = current.stream where log.last is null or log.last <> current.n or not json_valid(current.state)`
  );
  const [lacking] = await db.raw<{ n: number }[]>(
    `select count(*) as n from (select stream, sum(type <> 'undone') as said, sum(type = 'undone') as undone from event group by stream) as log
     where log.undone = 0 and not exists (select 1 from current where current.stream = log.stream)`
  );
  return (odd?.n ?? 0) === 0 && (lacking?.n ?? 0) === 0;
}
