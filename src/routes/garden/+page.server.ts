import { dayOfWall } from '$lib/core/calendar';
import { rawLife } from '$lib/core/lot';
import { action } from '$lib/server/http/answers';
import { lots } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import { nowOf } from '$lib/server/views';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const today = dayOfWall(nowOf(locals.house));
  const all = await lots.list(db, 'all');
  return {
    picks: all
      .filter((l) => l.gardenG > 0)
      .map((lot) => ({ lot, ...rawLife(lot, today) }))
      .sort((a, b) => a.daysLeft - b.daysLeft),
    gone: all
      .filter((l) => l.gardenG <= 0)
      .slice(-12)
      .reverse(),
    recentCrops: [
      ...new Set(
        all
          .slice(-20)
          .reverse()
          .map((l) => l.cropId)
      )
    ]
  };
};

export const actions: Actions = {
  weighIn: action(USE_CASES['weigh-in']),
  correct: action(USE_CASES['correct-pick']),
  end: action(USE_CASES['end-pick']),
  toBench: action(USE_CASES['take-to-bench'])
};
