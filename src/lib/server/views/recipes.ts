import { waysOf } from '../../core/kit';
import type { Taste } from '../../core/batch';
import { readRecipe, type Recipe } from '../../core/recipe';
import { style } from '../../core/style';
import { allRecipes, batches, household, recipeOf } from '../repos';
import type { House } from '../usecases';
import { living, once } from './living';

/** A recipe as the list shows it. */
export interface RecipeLine {
  readonly id: string;
  readonly name: string;
  readonly style: string;
  readonly from: string;
  readonly version: number;
  readonly wishes: number;
  /** Figures that its card lacks before it can be scaled. */
  readonly lacks: number;
  readonly things: string;
  readonly allergens: string;
  readonly heat: number;
  readonly made: number;
  readonly last: number | null;
}

/** Every recipe in use, its card read in the household's own words, and how often it was made. */
export const recipeLines = (house: House): Promise<RecipeLine[]> =>
  once(house, 'recipes', async () => {
    const { db } = house;
    const made = await batches.topics(db);
    const ways = waysOf(await household(db));
    return (await allRecipes(db)).map((r): RecipeLine => {
      const card = readRecipe(r, ways);
      const mine = made.get(r.id);
      return {
        ...{ id: r.id, name: r.name, from: r.from, version: r.version, wishes: r.wishes.length },
        style: style(r.styleId)?.name ?? r.styleId,
        lacks: card.problems.filter((p) => p.blocks).length,
        things: card.ingredients.map((i) => i.name).join(', '),
        allergens: [...new Set(card.ingredients.map((i) => i.allergen).filter(Boolean))].join(', '),
        heat: Math.max(0, ...card.ingredients.map((i) => i.heat)),
        made: mine?.n ?? 0,
        last: mine?.last ?? null
      };
    });
  });

/** So many of the last batches made by a recipe are shown. */
const MADE_SHOWN = 60;

/** One recipe, and the last batches made by it. */
export interface RecipePage {
  readonly recipe: Recipe;
  /** What lies in the Garden and on the benches, by crop, g. */
  readonly there: Readonly<Record<string, number>>;
  readonly made: readonly {
    readonly id: string;
    readonly name: string;
    readonly startedAt: number;
    readonly version: number;
    readonly equilibrium: number | null;
    readonly taste: Taste | null;
  }[];
}

/** A recipe's page; undefined where there is none. */
export async function recipePage(house: House, id: string): Promise<RecipePage | undefined> {
  const { db } = house;
  const recipe = await recipeOf(db, id);
  if (!recipe) return undefined;
  const made = await batches.latest(db, { topic: recipe.id, most: MADE_SHOWN });
  const there: Record<string, number> = {};
  for (const lot of (await living(house)).lots)
    there[lot.cropId] = (there[lot.cropId] ?? 0) + lot.gardenG + lot.benchG;
  return {
    ...{ recipe, there },
    made: made.map((b) => ({
      ...{ id: b.id, name: b.name, startedAt: b.startedAt, equilibrium: b.equilibrium },
      version: b.recipe?.version ?? 1,
      taste: b.tastes.at(-1) ?? null
    }))
  };
}
