import { error } from '@sveltejs/kit';
import { pickGrams } from '$lib/server/views/pick';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await pickGrams(locals.house, params.id)) ?? error(404, 'No pick of that name.');
