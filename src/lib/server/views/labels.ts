import {
  labelOf,
  lidLabels,
  placeOf,
  standing,
  type Batch,
  type LabelDays,
  type LidLabel
} from '../../core/batch';
import { counterWindow } from '../../core/care';
import { keepUntil } from '../../core/larder';
import { allergensOf, readRecipe } from '../../core/recipe';
import { waysOf } from '../../core/kit';
import { batches, household, recipeOf } from '../repos';
import type { House } from '../usecases';
import { careHouse } from './care';
import { record } from './record';

/** The name of a batch and the labels of its jars; undefined where there is none. */
export async function labels(
  house: House,
  batchId: string
): Promise<{ name: string; labels: LidLabel[] } | undefined> {
  const batch = (await batches.load(house.db, batchId))?.state;
  if (!batch) return undefined;
  return { name: batch.name, labels: lidLabels(batch, ...(await aboutLabels(house, batch))) };
}

/** What labels of a batch's jars say besides what the batch knows: what some must not eat, and its days. */
async function aboutLabels(house: House, batch: Batch): Promise<[allergens: string[], days: LabelDays]> {
  const allergens = new Set<string>();
  for (const b of await pouredTogether(house, batch))
    for (const name of await allergensIn(house, b)) allergens.add(name);
  const { places } = await household(house.db);
  const around = await careHouse(house);
  const days: LabelDays = (f) => {
    const keeps = keepUntil(batch.style, f, places);
    const window = keeps ? null : counterWindow(batch, f, around);
    return { eatFrom: window?.from ?? null, bestTill: keeps?.best ?? null };
  };
  return [[...allergens], days];
}

/** A card for who is given a jar. */
export interface GiftCard {
  readonly batchId: string;
  readonly label: LidLabel;
  /** What is in it, the most of it first. */
  readonly holds: readonly string[];
  /** Whom it is for, as it was said when it was given; empty: not said. */
  readonly to: string;
  readonly from: string;
}

/** The card of one jar, standing or given away; undefined where there is none. */
export async function giftCard(
  house: House,
  batchId: string,
  fillingId: string
): Promise<GiftCard | undefined> {
  const batch = (await batches.load(house.db, batchId))?.state;
  const jar = batch?.fillings.find((f) => f.id === fillingId);
  if (!batch || !jar) return undefined;
  const all = await pouredTogether(house, batch);
  const vegetables = all.flatMap((b) =>
    [...b.items].sort((x, y) => y.preparedG - x.preparedG).map((i) => i.name)
  );
  const extras: string[] = [];
  for (const b of all)
    extras.push(...((await record(house, b.id)).worksheet?.extras ?? []).map((x) => x.name));
  return {
    batchId,
    label: labelOf(batch, jar, ...(await aboutLabels(house, batch))),
    holds: [...new Set([...vegetables, 'salt', ...extras])],
    to: batch.portions.findLast((p) => p.fillingId === fillingId && p.how === 'given')?.reason ?? '',
    from: (await household(house.db)).name
  };
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

/** The page that a jar's code opens: where it stands now, or the record of its batch; undefined where there is none. */
export async function pageOfJar(house: House, fillingId: string): Promise<string | undefined> {
  const live = await batches.list(house.db, 'live');
  const batch = live.find((b) => standing(b).some((f) => f.id === fillingId));
  if (!batch) {
    // The first jars of a batch carry its name; of those decanted later, the batch is found while it lives.
    const of = fillingId.replace(/\.j\d+$/, '');
    return (await batches.load(house.db, of)) ? `/notebook/${of}` : undefined;
  }
  const f = standing(batch).find((x) => x.id === fillingId)!;
  const { places } = await household(house.db);
  const kind = places.find((p) => p.id === placeOf(f))?.kind;
  if (kind === 'counter') return `/counter?batch=${batch.id}`;
  return kind === 'cold' ? `/cold?jar=${fillingId}` : `/notebook/${batch.id}`;
}

/** The address behind the codes of the house: as it says itself, or as whoever prints them found it. */
export async function addressOf(house: House, found: string): Promise<string> {
  return (await household(house.db)).address || found;
}
