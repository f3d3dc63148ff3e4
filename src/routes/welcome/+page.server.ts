import { redirect } from '@sveltejs/kit';
import { action } from '$lib/server/http/answers';
import { household } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  if ((await household(locals.house.db)).settled) redirect(303, '/');
};

export const actions: Actions = { settle: action(USE_CASES.settle) };
