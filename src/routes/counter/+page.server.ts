import { placeOf, standing } from '$lib/core/batch';
import { action } from '$lib/server/http/answers';
import { USE_CASES } from '$lib/server/usecases';
import { care, living } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

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

export const actions: Actions = {
  care: action(USE_CASES.care),
  taste: action(USE_CASES.taste),
  ph: action(USE_CASES.ph),
  correctPH: action(USE_CASES['correct-ph']),
  seeSign: action(USE_CASES['see-sign']),
  takeBackSign: action(USE_CASES['take-back-sign']),
  move: action(USE_CASES.move),
  right: action(USE_CASES['put-right']),
  sour: action(USE_CASES['sour-sauce'])
};
