import { action } from '$lib/server/http/answers';
import { benchDraft, freeJars, USE_CASES } from '$lib/server/usecases';
import { living } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household, lots } = await living(locals.house);
  return {
    lots: lots.filter((l) => l.benchG > 0),
    waiting: lots.filter((l) => l.gardenG > 0).length,
    jars: freeJars(household, batches),
    draft: await benchDraft(locals.house.db)
  };
};

export const actions: Actions = {
  start: action(USE_CASES['start-batch']),
  putBack: action(USE_CASES['put-back'])
};
