import { building } from '$app/environment';
import { problemJson } from '$lib/server/http/answers';
import { served } from '$lib/server/http/served';
import { isFromElsewhere, isOpenToAll, whoAsks } from '$lib/server/http/door';
import { elapsed } from '$lib/server/clock';
import { readConfig } from '$lib/server/config';
import { openHouse } from '$lib/server/house';
import { looksRound, Round } from '$lib/server/round';
import { randomUUID } from 'node:crypto';
import { redirect, type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';

type Open = Awaited<ReturnType<typeof openHouse>>;
let open: Open | undefined;
let round: Round | undefined;

/** Opens, migrates and checks what the process owns; the database closes when the server does. */
export const init: ServerInit = async () => {
  if (building) return;
  const config = readConfig(process.env);
  open = await openHouse(config);
  round = config.demo ? undefined : new Round(config);
  // A stream that never ends would keep the server from ending.
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      open?.house.scale?.close();
      open?.house.meter?.close();
      open?.house.thermometers?.close();
      open?.house.news?.close();
      void round?.hush();
    });
  process.once('sveltekit:shutdown', () => void Promise.all([open?.close(), round?.close()]));
};

/** Whoever asks is known here, or goes to sign in; what comes from another site's page goes no further. */
export const handle: Handle = async ({ event, resolve }) => {
  if (building || !open) return resolve(event);
  const from = elapsed();
  const { pathname } = event.url;
  if (isFromElsewhere(event.request, event.url)) return problemJson([{ code: 'from-elsewhere' }]);
  const hand = await whoAsks(event, open.house.keys);
  if (hand === 'unknown-token') return problemJson([{ code: 'token-unknown' }]);
  event.locals.house = { ...open.house, hand };
  event.locals.round = false;
  event.locals.shut = open.house.keys.asks && hand === null;
  if (event.locals.shut && !isOpenToAll(pathname)) {
    if (pathname.startsWith('/api/')) return problemJson([{ code: 'signed-out' }]);
    redirect(303, `/sign-in?to=${encodeURIComponent(pathname)}`);
  }
  const program = event.request.headers.has('authorization');
  if (round && !event.locals.shut && !program && looksRound(event.cookies)) {
    event.locals.house = { ...(await round.house()), hand };
    event.locals.round = true;
  }
  const response = await served(event, event.locals.house, async () =>
    // The faces come with the page: a line that is set anew in another face would jump. Scripts come when it has been read:
    // a phone that compiles them beside it shows the page half a second later.
    resolve(event, { preload: ({ type, path }) => type === 'css' || path.includes('-latin-wght-normal') })
  );
  // What somebody saw who was let in is not kept for the next who asks.
  if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'private, no-cache');
  response.headers.set('server-timing', `made;dur=${(elapsed() - from).toFixed(1)}`);
  return response;
};

/** A calendar's address is a secret: it is not written down. */
const placeOf = ({ route, url }: { route: { id: string | null }; url: URL }): string =>
  route.id?.startsWith('/calendar/') ? route.id : url.pathname;

/** A bug: logged with a name, shown without its insides. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
  if (status === 404) return { message: 'There is nothing here.' };
  const id = randomUUID().slice(0, 8);
  open?.log.error({ id, path: placeOf(event), err: error, status }, message);
  return {
    message:
      status === 413
        ? 'That is more than fits. Shorten it and try again.'
        : 'Something broke here. What you stored before is safe.',
    id
  };
};
