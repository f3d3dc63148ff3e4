import { isLive } from '$lib/core/batch';
import { ledger } from '$lib/core/larder';
import { batches } from '$lib/server/repos';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const all = await batches.list(locals.house.db, 'all');
  return {
    batches: all
      .map((b) => ({
        id: b.id,
        name: b.name,
        styleId: b.styleId,
        startedAt: b.startedAt,
        equilibrium: b.equilibrium,
        live: isLive(b),
        jars: b.fillings.map((f) => f.lidNumber),
        last: b.tastes[b.tastes.length - 1] ?? null,
        ...ledger(b)
      }))
      .sort((a, b) => b.startedAt - a.startedAt)
  };
};
