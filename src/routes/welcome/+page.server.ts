import { redirect } from '@sveltejs/kit';
import { living } from '$lib/server/views/living';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  if ((await living(locals.house)).household.settled) redirect(303, '/');
};
