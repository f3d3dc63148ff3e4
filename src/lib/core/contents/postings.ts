import { minus, NOTHING, plus, type Contents } from './contents';

/** Where something comes from or goes to. Whatever is not a jar, a pick or a kept brine is the world outside. */
export type Account =
  | `jar:${string}`
  | `pick:${string}`
  | `brine:${string}`
  /** In the bowl between jars and bottles: never more than a moment. */
  | `bowl:${string}`
  | 'salt'
  | 'water'
  | 'additions'
  /** Stood there before anybody wrote it down. */
  | 'before'
  /** Measured otherwise than reckoned: what was not there after all, or was. */
  | 'reckoned'
  | 'eaten'
  /** Eaten, too, in a dish. */
  | 'cooked'
  | 'given'
  | 'thrown'
  /** Kept back by a sieve, and dried. */
  | 'sieved'
  /** Drawn off and not kept. */
  | 'drawn'
  /** Spilled, gone as vapour, rinsed away. */
  | 'lost';

/** What moves from one to another: two sides, one amount. */
export interface Posting {
  readonly from: Account;
  readonly to: Account;
  readonly what: Contents;
}

/** What came to somewhere, by where it came from. */
export type Part = Pick<Posting, 'from' | 'what'>;

/** Leaves out what moves nothing. */
export const moving = (all: readonly Posting[]): Posting[] =>
  all.filter(({ what }) => Object.values(what).some((g: number) => Math.abs(g) > 0));

/** How much of it one account gained. Example: a jar's postings added up are what it holds. */
export const gained = (all: readonly Posting[], account: Account): Contents =>
  all.reduce((sum, p) => {
    const come = p.to === account ? plus(sum, p.what) : sum;
    return p.from === account ? minus(come, p.what) : come;
  }, NOTHING);

/** Every account that is named, with what it gained, g; together they are nothing. */
export function balances(all: readonly Posting[]): Map<Account, Contents> {
  const named = [...new Set(all.flatMap((p) => [p.from, p.to]))];
  return new Map(named.map((account) => [account, gained(all, account)]));
}
