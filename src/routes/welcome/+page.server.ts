import { redirect } from '@sveltejs/kit';
import { household } from '$lib/server/repos';

import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  if ((await household(locals.house.db)).settled) redirect(303, '/');
};
