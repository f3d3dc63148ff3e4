import { hostname, networkInterfaces } from 'node:os';

/** Names under which this machine may be asked: loopback, its own name and addresses, and those its owner lists. */
export function ownHosts(more: readonly string[]): ReadonlySet<string> {
  const addresses = Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).map((a) => a.address.toLowerCase())
  );
  const name = hostname().toLowerCase();
  return new Set(['localhost', '127.0.0.1', '::1', name, `${name}.local`, ...addresses, ...more]);
}

/**
 * Whether a Host header names this machine; a page elsewhere that points its own name here does not get in.
 * Example: `isOwnHost('127.0.0.1:4620', ownHosts([]))` is `true`.
 */
export function isOwnHost(header: string | null, hosts: ReadonlySet<string>): boolean {
  if (!header) return false;
  const bare = header
    .toLowerCase()
    .replace(/:\d+$/, '')
    .replace(/^\[(.*)\]$/, '$1');
  return hosts.has(bare);
}
