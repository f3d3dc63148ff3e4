import { standing } from '$lib/core/batch';
import { learntOf } from '$lib/server/usecases';
import { door, living } from '$lib/server/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household } = await living(locals.house);
  const full: Record<string, number> = {};
  for (const f of batches.flatMap(standing)) full[f.jarId] = (full[f.jarId] ?? 0) + 1;
  return { full, learnt: await learntOf(locals.house.db, household), door: await door(locals.house) };
};
