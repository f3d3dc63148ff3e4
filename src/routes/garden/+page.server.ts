import { dayOfWall } from '$lib/core/calendar';
import { cropsOf } from '$lib/core/kit';
import { rawLife } from '$lib/core/lot';
import { household, lots } from '$lib/server/repos';
import { makingsOf } from '$lib/server/usecases';
import { nowOf } from '$lib/server/views';
import type { PageServerLoad } from './$types';

/** So many picks that are used up are still shown. */
const GONE_SHOWN = 12;

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const today = dayOfWall(nowOf(locals.house));
  const own = cropsOf(await household(db));
  const open = await lots.list(db, 'live');
  return {
    picks: open
      .filter((l) => l.gardenG > 0)
      .map((lot) => ({ lot, ...rawLife(lot, today, own) }))
      .sort((a, b) => a.daysLeft - b.daysLeft),
    gone: [
      ...open.filter((l) => l.gardenG <= 0).reverse(),
      ...(await lots.latest(db, { live: false, most: GONE_SHOWN }))
    ].slice(0, GONE_SHOWN),
    /** The benches on which something is made: a pick may go to any. */
    benches: (await makingsOf(db, own)).map(({ id, name }) => ({ id, name })),
    recentCrops: [...new Set((await lots.briefs(db, { most: 20 })).map((l) => l.cropId))]
  };
};
