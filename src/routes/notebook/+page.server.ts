import { batches } from '$lib/server/repos';
import type { PageServerLoad } from './$types';

/** So many batches stand on a page; the ones before are a tap away. */
const ON_A_PAGE = 60;

export const load: PageServerLoad = async ({ locals, url }) => {
  const { db } = locals.house;
  const says = (url.searchParams.get('says') ?? '').slice(0, 80);
  const skip = Math.min(1e6, Math.max(0, Math.floor(Number(url.searchParams.get('before')) || 0)));
  const found = await batches.briefs(db, { says, skip, most: ON_A_PAGE + 1 });
  return {
    says,
    skip,
    batches: found.slice(0, ON_A_PAGE),
    /** Where the next ones begin; null: that is all. */
    next: found.length > ON_A_PAGE ? skip + ON_A_PAGE : null,
    any: found.length > 0 || (await batches.any(db, {}))
  };
};
