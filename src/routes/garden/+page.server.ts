import { dayOfWall } from '$lib/core/calendar';
import { rawLife } from '$lib/core/lot';
import { action } from '$lib/server/http/answers';
import { lots } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import { nowOf } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

/** So many picks that are used up are still shown. */
const GONE_SHOWN = 12;

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const today = dayOfWall(nowOf(locals.house));
  const open = await lots.list(db, 'live');
  return {
    picks: open
      .filter((l) => l.gardenG > 0)
      .map((lot) => ({ lot, ...rawLife(lot, today) }))
      .sort((a, b) => a.daysLeft - b.daysLeft),
    gone: [
      ...open.filter((l) => l.gardenG <= 0).reverse(),
      ...(await lots.latest(db, { live: false, most: GONE_SHOWN }))
    ].slice(0, GONE_SHOWN),
    recentCrops: [...new Set((await lots.briefs(db, { most: 20 })).map((l) => l.cropId))]
  };
};

export const actions: Actions = {
  weighIn: action(USE_CASES['weigh-in']),
  correct: action(USE_CASES['correct-pick']),
  end: action(USE_CASES['end-pick']),
  toBench: action(USE_CASES['take-to-bench'])
};
