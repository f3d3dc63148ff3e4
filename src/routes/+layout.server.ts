import { overview, findables } from '$lib/server/views';
import { redirect } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, url, depends }) => {
  depends('house');
  const shown = await overview(locals.house);
  // The first-run page asks once; it can be skipped.
  if (!shown.household.settled && url.pathname !== '/welcome') redirect(303, '/welcome');
  return { overview: shown, find: await findables(locals.house) };
};
