import { cold } from '$lib/server/views/cold';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
  cold(locals.house, url.searchParams.get('jar'), url.searchParams.has('all'));
