import { placeOf, standing } from '$lib/core/batch';

import { care, living } from '$lib/server/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household } = await living(locals.house);
  const counters = new Set(household.places.filter((p) => p.kind === 'counter').map((p) => p.id));
  const here = batches.filter((b) => standing(b).some((f) => counters.has(placeOf(f))));
  const stand = new Set(here.map((b) => b.id));
  return {
    batches: here,
    tasks: (await care(locals.house)).filter((t) => stand.has(t.batchId))
  };
};
