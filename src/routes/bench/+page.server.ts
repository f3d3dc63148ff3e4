import { action } from '$lib/server/http/answers';
import { benchDraft, freeJars, trimsOf, USE_CASES } from '$lib/server/usecases';
import { lots as lotRepo } from '$lib/server/repos';
import { living } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household, lots } = await living(locals.house);
  return {
    lots: lots.filter((l) => l.benchG > 0),
    raw: (await lotRepo.list(locals.house.db, 'all'))
      .slice(-200)
      .map((l) => ({ cropId: l.cropId, bed: l.bed, day: l.day, weighedG: l.weighed.g, gardenG: l.gardenG })),
    waiting: lots.filter((l) => l.gardenG > 0).length,
    jars: freeJars(household, batches),
    trims: await trimsOf(locals.house.db, household),
    draft: await benchDraft(locals.house.db)
  };
};

export const actions: Actions = {
  start: action(USE_CASES['start-batch']),
  putBack: action(USE_CASES['put-back'])
};
