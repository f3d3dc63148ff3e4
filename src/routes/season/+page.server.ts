import { isLive } from '$lib/core/batch';
import { dayOfWall, wall } from '$lib/core/calendar';
import { cropsOf } from '$lib/core/kit';
import { coldSince, counterWindow } from '$lib/core/care';
import { keepUntil } from '$lib/core/larder';
import { rawLife } from '$lib/core/lot';
import { batches, household, lots } from '$lib/server/repos';
import { nowOf } from '$lib/server/views';
import type { PageServerLoad } from './$types';

/** A season is shown from this day of the year on, or from the year's first. */
const YEAR = /^(19|20)\d\d$/;

export const load: PageServerLoad = async ({ locals, url }) => {
  const { db } = locals.house;
  const ours = await household(db);
  const { places } = ours;
  const now = nowOf(locals.house);
  const thisYear = dayOfWall(now).slice(0, 4);
  const asked = url.searchParams.get('year') ?? '';
  const year = YEAR.test(asked) && asked < thisYear ? asked : thisYear;
  const span = { from: wall(`${year}-01-01`, 0), before: wall(`${Number(year) + 1}-01-01`, 0) };
  // What was begun last year and still stands belongs to this one, too.
  const older = year === thisYear ? await batches.latest(db, { live: true, before: span.from }) : [];
  const all = [...(await batches.latest(db, span)), ...older].reverse();
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
  const picks = (await lots.briefs(db, span)).reverse().map((l) => ({
    at: wall(l.day, 12),
    g: l.weighedG,
    cropId: l.cropId
  }));
  const waiting = (await lots.list(db, 'live'))
    .filter((l) => l.gardenG > 0)
    .map((l) => ({
      id: l.id,
      cropId: l.cropId,
      g: l.gardenG,
      useBy: wall(rawLife(l, dayOfWall(now), cropsOf(ours)).useBy, 12)
    }));
  const before = await batches.any(db, { before: span.from });
  return { spans, picks, waiting, year, thisYear, span, before };
};
