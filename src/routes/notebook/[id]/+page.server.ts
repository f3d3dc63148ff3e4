import { error } from '@sveltejs/kit';
import { batchPage } from '$lib/server/views/notebook';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await batchPage(locals.house, params.id)) ?? error(404, 'No batch of that name.');
