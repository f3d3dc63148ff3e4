import { isLive } from '$lib/core/batch';
import { dayOfWall, wall } from '$lib/core/calendar';
import { coldSince, counterWindow } from '$lib/core/care';
import { keepUntil } from '$lib/core/larder';
import { rawLife } from '$lib/core/lot';
import { batches, household, lots } from '$lib/server/repos';
import { nowOf } from '$lib/server/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const { places } = await household(db);
  const now = nowOf(locals.house);
  const all = await batches.list(db, 'all');
  const spans = all.map((b) => {
    const first = b.fillings.find((f) => f.emptiedAt === null) ?? b.fillings[b.fillings.length - 1]!;
    const ended = isLive(b) ? null : Math.max(...b.fillings.map((f) => f.emptiedAt ?? 0));
    const window = counterWindow(b, first, places, now);
    return {
      id: b.id,
      name: b.name,
      cropId: b.items[0]?.cropId ?? '',
      startedAt: b.startedAt,
      coldAt: coldSince(first, places),
      window,
      best: keepUntil(b.styleId, first, places)?.best ?? null,
      endedAt: ended
    };
  });
  const picks = (await lots.list(db, 'all')).map((l) => ({
    at: wall(l.day, 12),
    g: l.weighed.g,
    cropId: l.cropId
  }));
  const waiting = (await lots.list(db, 'live'))
    .filter((l) => l.gardenG > 0)
    .map((l) => ({
      id: l.id,
      cropId: l.cropId,
      g: l.gardenG,
      useBy: wall(rawLife(l, dayOfWall(now)).useBy, 12)
    }));
  return { spans, picks, waiting };
};
