import { error } from '@sveltejs/kit';
import { runShown } from '$lib/server/views/run';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const shown = await runShown(locals.house, params.id);
  if (!shown) error(404, 'That making is not known here. It may have been taken back: see the Bench.');
  return shown;
};
