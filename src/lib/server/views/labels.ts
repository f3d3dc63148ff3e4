import { lidLabels, type Batch, type LidLabel } from '../../core/batch';
import { allergensOf, readRecipe } from '../../core/recipe';
import { waysOf } from '../../core/kit';
import { batches, household, recipeOf } from '../repos';
import type { House } from '../usecases';
import { record } from './record';

/** The name of a batch and the labels of its jars; undefined where there is none. */
export async function labels(
  house: House,
  batchId: string
): Promise<{ name: string; labels: LidLabel[] } | undefined> {
  const batch = (await batches.load(house.db, batchId))?.state;
  if (!batch) return undefined;
  const allergens = new Set<string>();
  for (const b of await pouredTogether(house, batch))
    for (const name of await allergensIn(house, b)) allergens.add(name);
  return { name: batch.name, labels: lidLabels(batch, [...allergens]) };
}

/** A batch, and every batch of which something came into its jars, however many hands it went through. */
async function pouredTogether(house: House, batch: Batch): Promise<Batch[]> {
  const all = [batch];
  for (const b of all)
    for (const id of b.holdsOf.filter((other) => !all.some((known) => known.id === other))) {
      const other = (await batches.load(house.db, id))?.state;
      if (other) all.push(other);
    }
  return all;
}

/** What some must not eat, of what went into a batch. */
async function allergensIn(house: House, batch: Batch): Promise<string[]> {
  const { worksheet } = await record(house, batch.id);
  const extras = worksheet?.extras ?? [];
  // What was only written down counts too: rather a warning too many.
  const things = [
    batch.name,
    batch.note,
    ...batch.items.map((i) => i.name),
    ...extras.map((x) => x.name),
    ...(batch.recipe ? await onCard(house, batch.recipe) : [])
  ];
  return [...extras.flatMap((x) => (x.allergen ? x.allergen.split(', ') : [])), ...allergensOf(things)];
}

/** Everything that may have gone in by the card a batch was made from: what may be left out or exchanged, too. */
async function onCard(house: House, of: { id: string; version: number }): Promise<string[]> {
  const recipe = await recipeOf(house.db, of.id);
  const text = recipe?.history.find((v) => v.version === of.version);
  if (!recipe || !text) return [];
  const ways = waysOf(await household(house.db));
  return readRecipe({ ...text, styleId: recipe.styleId }, ways).ingredients.flatMap((i) => [
    i.name,
    ...i.instead
  ]);
}
