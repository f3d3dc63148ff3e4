import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Cookies } from '@sveltejs/kit';
import { DEMO_ZONE, type Config } from './config';
import { openHouse } from './house';

type Open = Awaited<ReturnType<typeof openHouse>>;

/** Who looks round shows it by a cookie that goes with the browser's window. */
const COOKIE = 'crockle-round';
const OF_COOKIE = { path: '/', httpOnly: true, sameSite: 'lax' } as const;

export const looksRound = (cookies: Cookies): boolean => cookies.get(COOKIE) === 'yes';
export const beginRound = (cookies: Cookies, url: URL): void =>
  cookies.set(COOKIE, 'yes', { ...OF_COOKIE, secure: url.protocol === 'https:' });
export const endRound = (cookies: Cookies, url: URL): void =>
  cookies.delete(COOKIE, { ...OF_COOKIE, secure: url.protocol === 'https:' });

/**
 * The demo's house beside the household's own, for whoever wants to look round first: opened when it is first asked for, in a
 * folder of its own that goes with the server. Nothing that is done there reaches the household.
 */
export class Round {
  private opened: Promise<Open> | null = null;
  private folder = '';
  constructor(private readonly config: Pick<Config, 'logLevel'>) {}

  /** The house, its season played on the first asking; asked for again where it could not be opened. */
  async house(): Promise<Open['house']> {
    this.opened ??= this.open().catch((error: unknown) => {
      this.opened = null;
      throw error;
    });
    return (await this.opened).house;
  }

  private async open(): Promise<Open> {
    this.folder = await mkdtemp(join(tmpdir(), 'crockle-round-'));
    const { logLevel } = this.config;
    return openHouse({
      ...{ database: join(this.folder, 'round.db'), demo: true, backups: null, zone: DEMO_ZONE },
      ...{
        asks: false,
        scale: 'stand-in',
        meter: 'stand-in',
        thermometers: 'stand-in',
        logLevel: logLevel === 'silent' ? 'silent' : 'error'
      }
    });
  }

  /** Its streams end, so that the server can. */
  async hush(): Promise<void> {
    const house = await this.opened?.then((o) => o.house).catch(() => null);
    house?.scale?.close();
    house?.meter?.close();
    house?.thermometers?.close();
    house?.news?.close();
  }

  async close(): Promise<void> {
    const open = await this.opened?.catch(() => null);
    await open?.close();
    if (this.folder) await rm(this.folder, { recursive: true, force: true });
  }
}
