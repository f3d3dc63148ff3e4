import { TZDate, tzOffset } from '@date-fns/tz';
import type { Knex } from 'knex';
import type { WallMinute } from '../core/calendar';

/** The household's clock: the only way to the time. The demo's is stepped and kept in its database, never backwards. */
export interface Clock {
  now(): number;
  /** Ms of the house's elapsed clock: never set back, the same after a restart; the demo's steps count, too. Timers run by it. */
  elapsed(): number;
  readonly stepped: boolean;
}

const MINUTE = 60_000;

/** An instant on the household's wall. Example: 2026-04-02T18:00Z in Berlin is 20:00 of that day. */
export function wallOf(at: number, zone: string): WallMinute {
  return Math.floor(at / MINUTE) + offsetAt(at, zone);
}

/** No zone changes its clocks within a quarter of an hour that begins with the hour's quarter. */
const QUARTER = 15 * MINUTE;
const MOST_OFFSETS = 20_000;
const offsets = new Map<string, number>();
/** Minutes that a zone's wall is ahead of UTC; asked once for each quarter of an hour, for asking is slow. */
function offsetAt(at: number, zone: string): number {
  const quarter = Math.floor(at / QUARTER);
  const key = `${zone} ${quarter}`;
  const known = offsets.get(key);
  if (known !== undefined) return known;
  const offset = tzOffset(zone, new Date(quarter * QUARTER));
  if (offsets.size >= MOST_OFFSETS) offsets.clear();
  offsets.set(key, offset);
  return offset;
}

/** The instant at which the household's wall shows that; an hour that summer time skips is read as the next. */
export function instantOf(wall: WallMinute, zone: string): number {
  const d = new Date(wall * MINUTE);
  const there = new TZDate(
    d.getUTCFullYear(),
    d.getUTCMonth(),
    d.getUTCDate(),
    d.getUTCHours(),
    d.getUTCMinutes(),
    zone
  );
  return there.getTime();
}

/** Monotonic while the process lives, and as far as the wall went while it did not. */
const sinceEver = (): number => Math.round(performance.timeOrigin + performance.now());

/** The real clock. */
export const realClock = (): Clock => ({ now: () => Date.now(), elapsed: sinceEver, stepped: false });

/** The second clock: ms since the process began, never set, never stepped. For devices and what runs by the second. */
export const elapsed = (): number => performance.now();

/** A stepped clock that the database remembers. */
export class SteppedClock implements Clock {
  readonly stepped = true;
  private constructor(
    private readonly db: Knex,
    private at: number
  ) {}

  /** Opens where it was left, or at `start`. */
  static async open(db: Knex, start: number): Promise<SteppedClock> {
    const row = (await db('clock').where({ id: 1 }).first()) as { now: number } | undefined;
    if (!row) await db('clock').insert({ id: 1, now: start });
    return new SteppedClock(db, row?.now ?? start);
  }

  now(): number {
    return this.at;
  }

  elapsed(): number {
    return sinceEver() + this.at;
  }

  /** Steps on; a step back is a mistake of the caller. */
  async stepTo(at: number): Promise<void> {
    if (at < this.at) throw new Error('the clock never goes backwards');
    await this.db('clock').where({ id: 1 }).update({ now: at });
    this.at = at;
  }
}
