import { error } from '@sveltejs/kit';
import { action } from '$lib/server/http/answers';
import { batches, recipeOf } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import type { Actions, PageServerLoad } from './$types';

/** So many of the last batches made by it are shown. */
const MADE_SHOWN = 60;

export const load: PageServerLoad = async ({ locals, params }) => {
  const { db } = locals.house;
  const recipe = await recipeOf(db, params.id);
  if (!recipe) error(404, 'No recipe of that name.');
  const made = await batches.latest(db, { topic: recipe.id, most: MADE_SHOWN });
  return {
    recipe,
    made: made.map((b) => ({
      id: b.id,
      name: b.name,
      startedAt: b.startedAt,
      version: b.recipe?.version ?? 1,
      equilibrium: b.equilibrium,
      taste: b.tastes.at(-1) ?? null
    }))
  };
};

export const actions: Actions = {
  change: action(USE_CASES['change-recipe']),
  wish: action(USE_CASES['wish-next']),
  settle: action(USE_CASES['settle-wish']),
  retire: action(USE_CASES['retire-recipe'])
};
