import { error } from '@sveltejs/kit';
import { labels } from '$lib/server/views/labels';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const found = await labels(locals.house, params.id);
  if (!found) error(404, 'No batch of that name.');
  return { id: params.id, ...found };
};
