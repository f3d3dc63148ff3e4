import { error } from '@sveltejs/kit';
import { batchGrams } from '$lib/server/views/grams';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await batchGrams(locals.house, params.id)) ?? error(404, 'No batch of that name.');
