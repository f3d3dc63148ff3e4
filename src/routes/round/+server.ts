import { redirect } from '@sveltejs/kit';
import { beginRound, endRound } from '$lib/server/round';
import type { RequestHandler } from './$types';

/** Into the demo's house, or back to the household's own. */
export const POST: RequestHandler = async ({ request, cookies, url }) => {
  const back = (await request.formData()).get('back') === 'yes';
  if (back) endRound(cookies, url);
  else beginRound(cookies, url);
  redirect(303, '/');
};
