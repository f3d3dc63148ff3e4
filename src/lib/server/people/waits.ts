/** So many tries are free; from then on each waits twice as long as the one before, ms. */
const FREE = 4;
const FIRST_MS = 5_000;
const MOST_MS = 15 * 60_000;
/** For the house as a whole: many hands may slip at once. */
const FREE_IN_ALL = 40;
/** After so long without a try all is forgotten. */
const FORGET_MS = 60 * 60_000;
/** So many askers are remembered. */
const MOST_KNOWN = 2_000;

interface Tries {
  readonly n: number;
  readonly last: number;
}

/** An address as an asker: of IPv6 the network, since one machine has many addresses in it. */
const asker = (address: string): string =>
  address.includes(':') && !address.startsWith('::ffff:')
    ? address.split(':').slice(0, 4).join(':')
    : address;

/**
 * Wrong tries, counted by asker and for the whole house, with growing waits. A try counts when it begins, so that a hundred
 * at once are a hundred.
 */
export class Waits {
  private readonly known = new Map<string, Tries>();
  constructor(private readonly now: () => number) {}

  /** Seconds until a next try from there is heard; 0: it is heard, and counts as wrong until `right` is said. */
  begin(address: string): number {
    const keys = [
      [asker(address), FREE],
      ['all', FREE_IN_ALL]
    ] as const;
    const wait = Math.max(...keys.map(([key, free]) => this.left(key, free)));
    if (wait > 0) return Math.ceil(wait / 1000);
    for (const [key] of keys) this.count(key);
    return 0;
  }

  /** It was right: nothing is held against that asker, and the house counts one fewer. */
  right(address: string): void {
    this.known.delete(asker(address));
    const all = this.known.get('all');
    if (all) this.known.set('all', { ...all, n: Math.max(0, all.n - 1) });
  }

  private left(key: string, free: number): number {
    const tries = this.known.get(key);
    if (!tries) return 0;
    const gone = this.now() - tries.last;
    if (gone > FORGET_MS) {
      this.known.delete(key);
      return 0;
    }
    if (tries.n < free) return 0;
    return Math.max(0, Math.min(MOST_MS, FIRST_MS * 2 ** (tries.n - free)) - gone);
  }

  private count(key: string): void {
    const n = (this.known.get(key)?.n ?? 0) + 1;
    // Set anew, it is the youngest; the oldest is forgotten when there are too many.
    this.known.delete(key);
    this.known.set(key, { n, last: this.now() });
    const oldest = this.known.keys().next().value;
    if (this.known.size > MOST_KNOWN && oldest !== undefined) this.known.delete(oldest);
  }
}
