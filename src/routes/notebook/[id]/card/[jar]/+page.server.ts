import { error } from '@sveltejs/kit';
import { giftPage } from '$lib/server/views/gift';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await giftPage(locals.house, params.id, params.jar)) ?? error(404, 'No jar of that name.');
