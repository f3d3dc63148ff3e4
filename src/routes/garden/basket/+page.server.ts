import { basketAsked } from '$lib/server/views/basket';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
  basketAsked(locals.house, url.searchParams.get('crop'));
