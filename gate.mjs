// What every request meets before the app: pages, API and static files alike. The name it asks for, the headers of every
// answer, how long it may take to arrive.
import { hostname, networkInterfaces } from 'node:os';

/** So long may the head of a request take, ms. */
const HEAD_MS = 10_000;
/** A line that has said something and is silent is kept so long. */
const KEPT_MS = 65_000;
/** So many lines on one server; a house has a few phones. */
const MOST_CONNECTIONS = 500;

/**
 * Names under which this machine may be asked: loopback, its own name and addresses, and those its owner lists.
 * @param {readonly string[]} more
 * @returns {ReadonlySet<string>}
 */
export function ownHosts(more) {
  const addresses = Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).map((a) => a.address.toLowerCase())
  );
  const name = hostname().toLowerCase();
  return new Set(['localhost', '127.0.0.1', '::1', name, `${name}.local`, ...addresses, ...more]);
}

/**
 * Whether a Host header names this machine; a page elsewhere that points its own name here does not get in.
 * Example: `isOwnHost('127.0.0.1:4620', ownHosts([]))` is `true`.
 * @param {string | undefined} header
 * @param {ReadonlySet<string>} hosts
 */
export function isOwnHost(header, hosts) {
  if (!header) return false;
  const bare = header
    .toLowerCase()
    .replace(/:\d+$/, '')
    .replace(/^\[(.*)\]$/, '$1');
  return hosts.has(bare);
}

/** Said with every answer; a page brings a stricter content-security-policy of its own. The planner's worker compiles its solver. */
export const HEADERS = Object.freeze({
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=()',
  'content-security-policy':
    "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'self'; frame-ancestors 'none'"
});

/** A refusal in the form the asker reads: problem+json for the API, a sentence else. */
function refuse(request, response, status, detail) {
  const api = request.url?.startsWith('/api/');
  response.writeHead(status, {
    'content-type': api ? 'application/problem+json' : 'text/plain; charset=utf-8',
    connection: 'close'
  });
  response.end(api ? JSON.stringify({ type: 'about:blank', title: 'Not let in', status, detail }) : detail);
}

/**
 * Lets a request through to `handler`, or refuses it.
 * @param {import('node:http').RequestListener} handler
 * @param {ReadonlySet<string>} hosts
 * @returns {import('node:http').RequestListener}
 */
export const gated = (handler, hosts) => (request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  if (!isOwnHost(request.headers.host, hosts))
    return refuse(
      request,
      response,
      421,
      'This Crockle does not answer to that name. Its owner can add it to CROCKLE_HOSTS.'
    );
  // Plain HTTP at home: with this, form posts come in under any of this machine's addresses.
  request.headers['x-forwarded-proto'] = 'http';
  handler(request, response);
};

/**
 * Patience has an end: what drips in is cut off.
 * @param {import('node:http').Server} server
 * @param {number} seconds that a whole request may take
 */
export function patient(server, seconds) {
  server.headersTimeout = Math.min(HEAD_MS, seconds * 1000);
  server.requestTimeout = seconds * 1000;
  // Kept open between two taps: a line closed in the very moment in which a phone uses it again loses what it said.
  server.keepAliveTimeout = KEPT_MS;
  server.maxConnections = MOST_CONNECTIONS;
}
