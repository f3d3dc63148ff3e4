import type { Cookies, RequestEvent } from '@sveltejs/kit';
import type { Hand, Keys, Pass } from '../people';

/** The cookie that a phone shows. */
const COOKIE = 'crockle';
/** What is answered to those who are not in: coming in itself, whether the house stands, and a calendar by its own secret. */
const OPEN_TO_ALL = new Set(['/sign-in', '/health']);
export const isOpenToAll = (pathname: string): boolean =>
  OPEN_TO_ALL.has(pathname) || pathname.startsWith('/calendar/');

const CHANGES_NOTHING = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether another site's page sends that: by its Origin, or by what the browser says of where it comes from. */
export function isFromElsewhere(request: Request, url: URL): boolean {
  if (CHANGES_NOTHING.has(request.method)) return false;
  const origin = request.headers.get('origin');
  const site = request.headers.get('sec-fetch-site');
  return (origin !== null && origin !== url.origin) || site === 'cross-site' || site === 'same-site';
}

/** Who asks: by a token in the header, else by the phone's cookie. A token that does not hold is said, not passed over. */
export async function whoAsks(
  event: Pick<RequestEvent, 'request' | 'cookies'>,
  keys: Keys
): Promise<Hand | null | 'unknown-token'> {
  const said = event.request.headers.get('authorization');
  if (said !== null) {
    const token = /^Bearer ([\w-]+)$/i.exec(said)?.[1] ?? '';
    return (await keys.whoShows('token', token)) ?? 'unknown-token';
  }
  const cookie = event.cookies.get(COOKIE);
  return cookie === undefined ? null : keys.whoShows('session', cookie);
}

/** Gives a phone its cookie: no script reads it, no other site's form carries it. */
export function keepSignedIn(cookies: Cookies, url: URL, secret: string, pass: Pass): void {
  cookies.set(COOKIE, secret, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    maxAge: Math.floor((pass.ends - pass.begun) / 1000)
  });
}

/** Takes the cookie away again. */
export const forgetSignIn = (cookies: Cookies, url: URL): void =>
  cookies.delete(COOKIE, { path: '/', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' });

/** Where to go once in: a page of this house, never one elsewhere. */
export function wayOn(url: URL): string {
  const to = url.searchParams.get('to') ?? '/';
  // A browser reads a backslash as a slash: two of either lead to another host.
  const there = /^\/(?![/\\])/.test(to) ? new URL(to, url) : url;
  return there.origin === url.origin && there.pathname !== '/sign-in' ? there.pathname : '/';
}
