import { error } from '@sveltejs/kit';
import { away } from '$lib/server/views/away';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const found = await away(locals.house, params.id);
  if (!found) error(404, 'Nobody plans to be away then.');
  return found;
};
