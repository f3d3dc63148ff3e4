import type { RequestEvent } from '@sveltejs/kit';
import type { House } from '../usecases';
import { packed, unpacks } from './packed';

/** A page as it went out. */
interface Page {
  readonly body: ArrayBuffer;
  readonly status: number;
  readonly headers: [string, string][];
}

/** Shown to one only: who is signed in where, what a page asks once, and what goes out by an address that may be taken back. */
const OF_ONE = ['/sign-in', '/welcome', '/do/[command]', '/calendar/[feed].ics'];

/** Whether two who ask for this address, of the same name, are shown the same until something is stored. */
function isShared(event: RequestEvent, { hand }: House): boolean {
  const room = event.route.id;
  if (event.request.method !== 'GET' || room === null || room.startsWith('/api')) return false;
  // Kit shows each phone its own pass.
  return !OF_ONE.includes(room) && (room !== '/kit' || !hand);
}

/**
 * Answers a page, made once until something is stored or another minute begins: fifty pages that look again at once are
 * answered by as many as there are different ones. What is not simply a page (a way on, an error, a cookie) is made for each.
 */
export async function served(
  event: RequestEvent,
  house: House,
  make: () => Promise<Response>
): Promise<Response> {
  const send = async () => packed(event.request, await make());
  if (!house.seen || !isShared(event, house)) return send();
  const { hand } = house;
  const who = hand ? `${hand.role} ${hand.name}` : '';
  const had = event.request.headers.get('if-none-match') ?? '';
  const page = await house.seen.once(
    `page ${event.request.url} ${who} ${had} ${unpacks(event.request)}`,
    async (): Promise<Page> => {
      const made = await send();
      return { body: await made.arrayBuffer(), status: made.status, headers: [...made.headers] };
    },
    ({ status, headers }) => status === 200 && !headers.some(([name]) => name === 'set-cookie')
  );
  // What is not to be sent again has no body, not even an empty one.
  return new Response(page.status === 304 ? null : page.body, { status: page.status, headers: page.headers });
}
