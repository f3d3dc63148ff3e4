import type { Knex } from 'knex';

const guard = (table: string, verb: 'UPDATE' | 'DELETE') =>
  `CREATE TRIGGER IF NOT EXISTS ${table}_no_${verb.toLowerCase()} BEFORE ${verb} ON ${table}
   BEGIN SELECT RAISE(ABORT, 'the log is only ever appended to'); END`;

/** What keeps the log append-only. A table rebuild drops triggers without a word, so every start checks them. */
export const GUARDS: Readonly<Record<string, string>> = {
  event_no_update: guard('event', 'UPDATE'),
  event_no_delete: guard('event', 'DELETE'),
  command_no_update: guard('command', 'UPDATE'),
  command_no_delete: guard('command', 'DELETE')
};

/** Throws when a guard is missing: the database was changed by something else. */
export async function checkGuards(db: Knex): Promise<void> {
  const rows = await db<{ name: string; type: string }>('sqlite_master')
    .where({ type: 'trigger' })
    .select('name');
  const there = new Set(rows.map((r) => r.name));
  const missing = Object.keys(GUARDS).filter((name) => !there.has(name));
  if (missing.length > 0)
    throw new Error(
      `The database lost its guards (${missing.join(', ')}). Restore the last backup, or ask before going on.`
    );
}
