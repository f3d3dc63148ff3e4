import { dayNumberOf } from '$lib/core/care';
import { standing, type Batch } from '$lib/core/batch';
import { dayOfWall, type WallMinute } from '$lib/core/calendar';
import { action } from '$lib/server/http/answers';
import { awayFrom, benchDraft, freeJars, learntOf, usableBrines, USE_CASES } from '$lib/server/usecases';
import { allRecipes, lots as lotRepo } from '$lib/server/repos';
import { living } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

/** A second pick may go in while a batch is so young, days. */
const YOUNG_DAYS = 4;

export const load: PageServerLoad = async ({ locals, url }) => {
  const { db } = locals.house;
  const { batches, household, lots, now } = await living(locals.house);
  const today = dayOfWall(now);
  return {
    lots: lots.filter((l) => l.benchG > 0),
    raw: (await lotRepo.briefs(db, { most: 200 })).reverse(),
    waiting: lots.filter((l) => l.gardenG > 0).length,
    jars: freeJars(household, batches),
    learnt: await learntOf(db, household),
    brines: await usableBrines(db, today),
    away: awayFrom(household, today),
    stockG: stockByStyle(batches),
    young: batches.filter((b) => isYoung(b, now)),
    recipes: await allRecipes(db),
    /** Come here to make this one. */
    make: url.searchParams.get('recipe'),
    draft: await benchDraft(db)
  };
};

const isYoung = (b: Batch, now: WallMinute) => b.equilibrium !== null && dayNumberOf(b, now) <= YOUNG_DAYS;

function stockByStyle(batches: readonly Batch[]): Record<string, number> {
  const out: Record<string, number> = {};
  for (const b of batches)
    out[b.styleId] = (out[b.styleId] ?? 0) + standing(b).reduce((a, f) => a + f.leftG, 0);
  return out;
}

export const actions: Actions = {
  start: action(USE_CASES['start-batch']),
  putBack: action(USE_CASES['put-back']),
  sort: action(USE_CASES['sort-pick']),
  addPick: action(USE_CASES['add-pick']),
  wish: action(USE_CASES['settle-wish'])
};
