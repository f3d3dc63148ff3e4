import { standing } from '$lib/core/batch';
import { action } from '$lib/server/http/answers';
import { learntOf, USE_CASES } from '$lib/server/usecases';
import {
  dropGuests,
  makeToken,
  setPassphrase,
  signOutEverywhere,
  takeBackPass
} from '$lib/server/usecases/people';
import { door, living } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household } = await living(locals.house);
  const full: Record<string, number> = {};
  for (const f of batches.flatMap(standing)) full[f.jarId] = (full[f.jarId] ?? 0) + 1;
  return { full, learnt: await learntOf(locals.house.db, household), door: await door(locals.house) };
};

export const actions: Actions = {
  jars: action(USE_CASES['own-jars']),
  place: action(USE_CASES['set-place']),
  settle: action(USE_CASES.settle),
  measure: action(USE_CASES['measure-jar']),
  tare: action(USE_CASES['set-tare']),
  spoon: action(USE_CASES['weigh-spoon']),
  reset: action(USE_CASES['reset-learning']),
  shape: action(USE_CASES['shape-jar']),
  weight: action(USE_CASES['set-weight']),
  away: action(USE_CASES['plan-away']),
  notAway: action(USE_CASES['drop-away']),
  broke: action(USE_CASES['break-jar']),
  standing: action(USE_CASES['enter-standing']),
  passphrase: action(setPassphrase),
  noGuests: action(dropGuests),
  everywhere: action(signOutEverywhere),
  takeBack: action(takeBackPass),
  token: action(makeToken)
};
