import { photoOf } from '$lib/server/repos/photos';
import type { RequestHandler } from './$types';

/** A photo of a jar; it is asked for anew each time, so that a deleted one is gone everywhere. */
export const GET: RequestHandler = async ({ locals, params, request }) => {
  const jpeg = await photoOf(locals.house.db, params.id);
  if (!jpeg) return new Response('There is no such photo.\n', { status: 404 });
  const etag = `"${params.id}"`;
  const headers = { etag, 'cache-control': 'private, no-cache' };
  if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
  return new Response(new Uint8Array(jpeg), { headers: { ...headers, 'content-type': 'image/jpeg' } });
};
