import { error } from '@sveltejs/kit';
import { recipePage } from '$lib/server/views/recipes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await recipePage(locals.house, params.id)) ?? error(404, 'No recipe of that name.');
