import { benchShown } from '$lib/server/views/bench';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
  ...(await benchShown(locals.house, url.searchParams.get('bench') ?? '')),
  /** Come here to make this one. */
  make: url.searchParams.get('recipe')
});
