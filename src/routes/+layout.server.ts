import { shell } from '$lib/server/views';
import { redirect } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, url, depends }) => {
  depends('house');
  if (locals.shut) return { overview: null, hand: null, round: false };
  const shown = await shell(locals.house);
  // The first-run page asks once; it can be skipped.
  if (!shown.overview.household.settled && url.pathname !== '/welcome') redirect(303, '/welcome');
  const { hand } = locals.house;
  return { ...shown, hand: hand ? { name: hand.name, role: hand.role } : null, round: locals.round };
};
