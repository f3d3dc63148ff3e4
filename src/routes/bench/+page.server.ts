import { dayNumberOf } from '$lib/core/care';
import { leftG, standing, type Batch } from '$lib/core/batch';
import { dayOfWall, type WallMinute } from '$lib/core/calendar';
import { cropsOf } from '$lib/core/kit';
import { FIRST_BENCH, lyingOn } from '$lib/core/lot';
import { benchDraft, kitchenFor, makingsOf } from '$lib/server/usecases';
import { allRecipes, lots as lotRepo } from '$lib/server/repos';
import { living } from '$lib/server/views';
import type { PageServerLoad } from './$types';

/** A second pick may go in while a batch is so young, days. */
const YOUNG_DAYS = 4;

/** What a bench may be called in an address. */
const NAMED = /^[A-Za-z0-9_-]{1,64}$/;

export const load: PageServerLoad = async ({ locals, url }) => {
  const { db } = locals.house;
  const { batches, household, lots, now } = await living(locals.house);
  const makings = await makingsOf(db, cropsOf(household));
  const asked = url.searchParams.get('bench') ?? '';
  // Nothing asked: the first bench, or where that is clear, what was begun first.
  const usual = makings.some((m) => m.id === FIRST_BENCH) ? FIRST_BENCH : (makings[0]?.id ?? FIRST_BENCH);
  const bench = NAMED.test(asked) ? asked : usual;
  const { jars, learnt, brines, away } = await kitchenFor(db, dayOfWall(now), bench);
  return {
    bench,
    makings,
    lots: lyingOn(lots, bench),
    raw: (await lotRepo.briefs(db, { most: 200 })).reverse(),
    /** Picks in the Garden, to be taken here. */
    waiting: lots.filter((l) => l.gardenG > 0),
    jars,
    learnt,
    brines,
    away,
    stockG: stockByStyle(batches),
    young: batches.filter((b) => isYoung(b, now)),
    recipes: await allRecipes(db),
    /** Come here to make this one. */
    make: url.searchParams.get('recipe'),
    draft: await benchDraft(db, bench)
  };
};

const isYoung = (b: Batch, now: WallMinute) => b.equilibrium !== null && dayNumberOf(b, now) <= YOUNG_DAYS;

function stockByStyle(batches: readonly Batch[]): Record<string, number> {
  const out: Record<string, number> = {};
  for (const b of batches)
    out[b.styleId] = (out[b.styleId] ?? 0) + standing(b).reduce((a, f) => a + leftG(f), 0);
  return out;
}
