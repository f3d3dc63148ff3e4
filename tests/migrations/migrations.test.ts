import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { connect, migrationNames, migrationSource, openDatabase } from '$lib/server/db/open';
import { GUARDS } from '$lib/server/db/guards';

let folder = '';
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'crockle-migrations-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The tables that each step adds: a step that is not listed here fails the last test. */
const ADDS: Record<string, string[]> = {
  '0001-create-log': ['event', 'command'],
  '0002-guard-log': [],
  '0003-create-current': ['current'],
  '0004-create-clock': ['clock', 'draft'],
  '0005-people': ['passphrase', 'pass'],
  '0006-read-side': ['line', 'kept'],
  '0007-envelope': [],
  '0008-snapshots': ['snapshot'],
  '0009-photos': ['photo']
};

describe('migrations', () => {
  it.each(migrationNames.map((name, i) => [name, i] as const))(
    '%s goes on top of the one before it',
    async (name, i) => {
      const file = join(folder, 'step.db');
      const before = connect(file, migrationSource(i));
      await before.migrate.latest();
      for (const table of ADDS[name]!) expect(await before.schema.hasTable(table), table).toBe(false);
      await before.destroy();
      const after = connect(file, migrationSource(i + 1));
      await after.migrate.latest();
      for (const table of ADDS[name]!) expect(await after.schema.hasTable(table), table).toBe(true);
      await after.destroy();
    }
  );
  it('are numbered without a gap, and each is exercised above', () => {
    expect(migrationNames).toEqual(Object.keys(ADDS));
    migrationNames.forEach((name, i) => expect(name.startsWith(String(i + 1).padStart(4, '0'))).toBe(true));
  });
  it('back the file up before they touch one that has something in it', async () => {
    const file = join(folder, 'old.db');
    const old = connect(file, migrationSource(2));
    await old.migrate.latest();
    await old.destroy();
    await (await openDatabase(file)).destroy();
    expect(existsSync(`${file}.before-${migrationNames.at(-1)}`)).toBe(true);
  });
  it('refuse a database newer than the code, naming both and what to do', async () => {
    const file = join(folder, 'newer.db');
    const db = await openDatabase(file);
    await db('knex_migrations').insert({ name: '0099-from-the-future', batch: 9, migration_time: 0 });
    await db.destroy();
    await expect(openDatabase(file)).rejects.toThrow(/0099-from-the-future.*0009-photos.*newer Crockle/s);
  });
  it('a start notices when a guard was lost', async () => {
    const file = join(folder, 'unguarded.db');
    const db = await openDatabase(file);
    await db.raw(`DROP TRIGGER ${Object.keys(GUARDS)[0]!}`);
    await db.destroy();
    await expect(openDatabase(file)).rejects.toThrow(/lost its guards \(event_no_update\)/);
  });
});
