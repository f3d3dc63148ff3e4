import type { Knex } from 'knex';

/** An event as it stands in the log. */
export interface Recorded {
  readonly id: string;
  readonly stream: string;
  readonly n: number;
  readonly type: string;
  readonly version: number;
  readonly at: number;
  readonly command: string;
  readonly data: unknown;
}

interface Row extends Omit<Recorded, 'data'> {
  readonly data: string;
}

/** All events of a stream behind event number `after`, oldest first, leaving out what was undone; `n` is its last. */
export async function readStream(
  trx: Knex,
  stream: string,
  after = 0
): Promise<{ events: Recorded[]; n: number }> {
  const rows = (await trx('event').where({ stream }).where('n', '>', after).orderBy('n')) as Row[];
  const all = rows.map((r) => ({ ...r, data: JSON.parse(r.data) as unknown }));
  const undone = new Set(all.filter((e) => e.type === 'undone').map((e) => (e.data as { of: string }).of));
  const events = all.filter((e) => e.type !== 'undone' && !undone.has(e.command));
  return { events, n: after + all.length };
}

/** How far the log goes: the number of its last event. */
export async function versionOf(trx: Knex): Promise<number> {
  const last = (await trx('event').max({ seq: 'seq' }).first()) as { seq: number | null } | undefined;
  return last?.seq ?? 0;
}

/** Appends after event number `n`; a second writer at the same number is turned away by the table's UNIQUE. */
export async function appendTo(
  trx: Knex,
  stream: string,
  n: number,
  command: string,
  at: number,
  events: readonly { type: string; version?: number; data: unknown }[]
): Promise<Recorded[]> {
  const rows = events.map((e, i) => ({
    id: `${stream.replace(':', '-')}.${n + 1 + i}`,
    stream,
    n: n + 1 + i,
    type: e.type,
    version: e.version ?? 1,
    at,
    command,
    data: e.data
  }));
  for (const row of rows) await trx('event').insert({ ...row, data: JSON.stringify(row.data) });
  return rows;
}
