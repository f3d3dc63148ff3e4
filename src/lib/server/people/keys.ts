import { nanoid } from 'nanoid';
import type { Knex } from 'knex';
import { fingerprint, hashPassphrase, isPassphrase, newCode, newSecret } from './secrets';
import { Waits } from './waits';

/** Who does something: a hand of the household, or a guest who looks on. */
export interface Hand {
  readonly name: string;
  readonly role: Role;
  readonly kind: Pass['kind'];
  /** The pass that was shown, to sign it out again. */
  readonly pass: string;
}
export type Role = 'hand' | 'guest';

/** A pass that was given: a phone that is signed in, a program's token, or a calendar's address. Its secret is not kept. */
export interface Pass {
  readonly id: string;
  readonly kind: 'session' | 'token' | 'feed';
  readonly name: string;
  readonly role: Role;
  /** UTC ms. */
  readonly begun: number;
  readonly seen: number;
  readonly ends: number;
}

const DAY_MS = 86_400_000;
/** A phone that is not used for so long signs in again; a calendar that nobody has read for so long is no longer told. */
const USED_MS = { session: 90 * DAY_MS, feed: 400 * DAY_MS };
/** Being seen is written down at most so often. */
const SEEN_EVERY_MS = DAY_MS / 24;
/** So many of a kind are kept; the one that was longest not seen goes first. */
const MOST = { session: 100, token: 30, feed: 30 };

const SHOWN = ['id', 'kind', 'name', 'role', 'begun', 'seen', 'ends'] as const;

/** The keys of the house: its passphrases and the passes given out. Kept by their hashes alone. */
export class Keys {
  readonly waits: Waits;
  /** Typed off the machine's own screen, it lets the first passphrase be set; null: one is set, or nobody is asked. */
  code: string | null = null;

  constructor(
    private readonly db: Knex,
    /** Whether those who come in are asked at all. */
    readonly asks: boolean,
    private readonly now: () => number
  ) {
    this.waits = new Waits(now);
  }

  /** Makes the one-time code where it is needed. */
  async open(): Promise<void> {
    if (this.asks && !(await this.isSet('hand'))) this.code = newCode();
  }

  /** Whether there is a passphrase of that role. */
  async isSet(role: Role): Promise<boolean> {
    return (await this.db('passphrase').where({ role }).first()) !== undefined;
  }

  /** Whose passphrase that is; null: nobody's. Both are always looked at, so that the time tells nothing. */
  async roleOf(passphrase: string): Promise<Role | null> {
    const rows = (await this.db('passphrase').orderBy('role', 'desc')) as { role: Role; hash: string }[];
    let role: Role | null = null;
    for (const row of rows) if (await isPassphrase(passphrase, row.hash)) role = row.role;
    return role;
  }

  /** Sets a passphrase; all who came in by the one before are signed out, but for `but`. */
  async set(role: Role, passphrase: string, but = ''): Promise<void> {
    const row = { role, hash: await hashPassphrase(passphrase), at: this.now() };
    await this.db('passphrase').insert(row).onConflict('role').merge();
    await this.signOutAll(role, but);
    if (role === 'hand') this.code = null;
  }

  /** Guests come in no more, and those who are in are signed out. */
  async dropGuests(): Promise<void> {
    await this.db('passphrase').where({ role: 'guest' }).delete();
    await this.signOutAll('guest');
  }

  /** Gives a pass; its secret is told this once. */
  async give(
    pass: Pick<Pass, 'kind' | 'name' | 'role'>,
    forMs = pass.kind === 'token' ? 0 : USED_MS[pass.kind]
  ): Promise<[string, Pass]> {
    const secret = newSecret();
    const at = this.now();
    const made = { ...pass, id: nanoid(12), begun: at, seen: at, ends: at + forMs };
    await this.db('pass').where('ends', '<', at).delete();
    await this.db('pass').insert({ ...made, hash: fingerprint(secret) });
    const old = await this.db<Pass>('pass')
      .where({ kind: pass.kind })
      .orderBy('seen', 'desc')
      .offset(MOST[pass.kind])
      .limit(1000)
      .select('id');
    await this.db('pass')
      .whereIn(
        'id',
        old.map((o) => o.id)
      )
      .delete();
    return [secret, made];
  }

  /** Who shows that secret; null: nobody who may come in any more. A phone in use stays signed in. */
  async whoShows(kind: Pass['kind'], secret: string): Promise<Hand | null> {
    if (secret.length !== 43) return null;
    const row = (await this.db('pass')
      .where({ kind, hash: fingerprint(secret) })
      .first()) as Pass | undefined;
    const at = this.now();
    if (!row || row.ends < at) return null;
    if (at - row.seen > SEEN_EVERY_MS) await this.seen(row, at);
    return { name: row.name, role: row.role, kind, pass: row.id };
  }

  /** A full disk keeps nobody out: that somebody was seen is no record. */
  private async seen(row: Pass, at: number): Promise<void> {
    const ends = row.kind === 'token' ? row.ends : at + USED_MS[row.kind];
    await this.db('pass')
      .where({ id: row.id })
      .update({ seen: at, ends })
      .catch(() => undefined);
  }

  /** All passes that still hold, the last seen first. */
  async passes(): Promise<Pass[]> {
    return this.db<Pass>('pass')
      .where('ends', '>=', this.now())
      .orderBy('seen', 'desc')
      .select(...SHOWN);
  }

  /** Takes one pass back; false: there is none. */
  async takeBack(id: string): Promise<boolean> {
    return (await this.db('pass').where({ id }).delete()) > 0;
  }

  /** Signs out every phone of a role, or of all, but for one; tokens and calendars stay: they are taken back one by one. */
  async signOutAll(role?: Role, but = ''): Promise<void> {
    const all = this.db('pass').where({ kind: 'session' }).whereNot({ id: but });
    await (role ? all.where({ role }) : all).delete();
  }
}
