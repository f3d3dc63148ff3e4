import { waysOf } from '../../core/kit';
import { readRecipe } from '../../core/recipe';
import { style } from '../../core/style';
import { allRecipes, batches, household } from '../repos';
import type { House } from '../usecases';
import { once } from './index';

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
