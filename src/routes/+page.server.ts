import { verdictsOf } from '$lib/core/care';
import { cropsOf } from '$lib/core/kit';
import { rawLife } from '$lib/core/lot';
import { dayOfWall } from '$lib/core/calendar';
import { care, living } from '$lib/server/views';
import type { PageServerLoad } from './$types';

const TWO_DAYS = 2 * 1440;

export const load: PageServerLoad = async ({ locals }) => {
  const { batches, household, lots, now } = await living(locals.house);
  const today = dayOfWall(now);
  const tasks = (await care(locals.house)).filter((t) => t.due <= now + TWO_DAYS);
  const withTasks = new Set(tasks.map((t) => t.batchId));
  return {
    tasks,
    condemned: batches
      .map((batch) => ({ batch, verdicts: verdictsOf(batch, household.places, now) }))
      .filter((c) => c.verdicts.length > 0),
    batches: batches.filter((b) => withTasks.has(b.id)),
    picks: lots
      .filter((l) => l.gardenG > 0)
      .map((lot) => ({ lot, ...rawLife(lot, today, cropsOf(household)) }))
      .filter((p) => p.daysLeft <= 2)
      .sort((a, b) => a.daysLeft - b.daysLeft),
    backupFailure: locals.house.backups?.state().failure ?? null,
    anyJars: batches.length > 0
  };
};
