import { error } from '@sveltejs/kit';
import { finishShown } from '$lib/server/views/finish';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await finishShown(locals.house, params.id)) ?? error(404, 'No batch of that name.');
