import { error } from '@sveltejs/kit';
import { shelfToCount } from '$lib/server/views/shelf';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) =>
  (await shelfToCount(locals.house, params.place)) ?? error(404, 'There is no such place.');
