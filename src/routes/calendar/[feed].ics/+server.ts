import { addressOf } from '$lib/server/views/labels';
import { diary } from '$lib/server/views/diary';
import type { RequestHandler } from './$types';

/** The rounds for a calendar: whoever has the address reads it, until it is taken back. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const { house } = locals;
  const hand = await house.keys?.whoShows('feed', params.feed);
  if (!hand) return new Response('No calendar is told at this address.\n', { status: 404 });
  // Read only where a calendar asks.
  const { icsOf } = await import('$lib/server/calendar/ics');
  const text = icsOf(await diary(house, hand.name), await addressOf(house, url.origin), hand.pass);
  return new Response(text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'inline; filename="crockle.ics"',
      'cache-control': 'private, no-store'
    }
  });
};
