import { building } from '$app/environment';
import { isOwnHost, ownHosts } from '$lib/server/http/hosts';
import { readConfig } from '$lib/server/config';
import { openHouse } from '$lib/server/house';
import { randomUUID } from 'node:crypto';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';

type Open = Awaited<ReturnType<typeof openHouse>>;
let open: Open | undefined;
let hosts: ReadonlySet<string> = new Set();

/** Opens, migrates and checks what the process owns; the database closes when the server does. */
export const init: ServerInit = async () => {
  if (building) return;
  const config = readConfig(process.env);
  hosts = ownHosts(config.hosts);
  open = await openHouse(config);
  // A stream that never ends would keep the server from ending.
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => open?.house.scale?.close());
  process.once('sveltekit:shutdown', () => void open?.close());
};

export const handle: Handle = async ({ event, resolve }) => {
  if (building || !open) return resolve(event);
  if (!isOwnHost(event.request.headers.get('host'), hosts))
    return new Response('This Crockle does not answer to that name. Its owner can add it to CROCKLE_HOSTS.', {
      status: 421
    });
  event.locals.house = open.house;
  const response = await resolve(event);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
};

/** A bug: logged with a name, shown without its insides. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
  if (status === 404) return { message: 'There is nothing here.' };
  const id = randomUUID().slice(0, 8);
  open?.log.error({ id, path: event.url.pathname, err: error, status }, message);
  return {
    message:
      status === 413
        ? 'That is more than fits. Shorten it and try again.'
        : 'Something broke here. What you stored before is safe.',
    id
  };
};
