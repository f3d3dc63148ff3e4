import { error, redirect } from '@sveltejs/kit';
import { pageOfJar } from '$lib/server/views/labels';
import type { RequestHandler } from './$types';

/** What the code on a lid opens: the jar where it stands now. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const page = await pageOfJar(locals.house, params.id);
  if (!page) error(404, 'That jar is not known here: its label may be of another house.');
  redirect(303, page);
};
