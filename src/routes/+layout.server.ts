import { shell } from '$lib/server/views';
import { redirect } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, url, depends }) => {
  depends('house');
  const shown = await shell(locals.house);
  // The first-run page asks once; it can be skipped.
  if (!shown.overview.household.settled && url.pathname !== '/welcome') redirect(303, '/welcome');
  return shown;
};
