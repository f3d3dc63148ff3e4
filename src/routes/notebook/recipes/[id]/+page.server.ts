import { error } from '@sveltejs/kit';
import { batches, recipeOf } from '$lib/server/repos';

import type { PageServerLoad } from './$types';

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
