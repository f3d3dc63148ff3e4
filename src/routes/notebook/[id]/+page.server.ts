import { error } from '@sveltejs/kit';
import { careTasks } from '$lib/core/care';
import { ledger } from '$lib/core/larder';
import { batches, household, recipeOf } from '$lib/server/repos';
import { record } from '$lib/server/views/record';

import { nowOf } from '$lib/server/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { db } = locals.house;
  const batch = (await batches.load(db, params.id))?.state;
  if (!batch) error(404, 'No batch of that name.');
  const { places } = await household(db);
  const now = nowOf(locals.house);
  const said = await record(locals.house, params.id);
  return {
    batch,
    said,
    ledger: ledger(batch),
    recipe: batch.recipe ? ((await recipeOf(db, batch.recipe.id)) ?? null) : null,
    tasks: careTasks(batch, places, now).filter((t) => t.due <= now)
  };
};
