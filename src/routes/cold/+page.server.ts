import { placeOf, standing } from '$lib/core/batch';
import { stock } from '$lib/core/larder';

import { care, living } from '$lib/server/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household, now } = await living(locals.house);
  const cold = new Set(household.places.filter((p) => p.kind === 'cold').map((p) => p.id));
  const here = batches.filter((b) => standing(b).some((f) => cold.has(placeOf(f))));
  return {
    stock: stock(here, household.places),
    tasks: (await care(locals.house)).filter((t) => cold.has(t.placeId) && t.due <= now),
    batches: here
  };
};
