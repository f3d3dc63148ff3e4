import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Up, and the database answers. */
export const GET: RequestHandler = async ({ locals }) => {
  await locals.house.db.raw('select 1');
  return json({ ok: true });
};
