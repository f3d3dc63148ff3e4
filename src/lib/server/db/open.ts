import { copyFileSync, existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import knex, { type Knex } from 'knex';
import { checkGuards } from './guards';
import { checkSound } from './sound';

type Migration = { up(db: Knex): Promise<void>; down(db: Knex): Promise<void> };
const modules = import.meta.glob<Migration>('./migrations/*.ts', { eager: true });
const nameOf = (path: string) => path.replace(/^.*\//, '').replace(/\.ts$/, '');

/** The migrations in order, by name without path or ending, so that every way of building agrees. */
export const migrationNames: readonly string[] = Object.keys(modules).map(nameOf).sort();

/** A migration source that stops after `last`, for the tests of each single step. */
export function migrationSource(last = migrationNames.length): Knex.MigrationSource<string> {
  const paths = Object.keys(modules).sort().slice(0, last);
  return {
    getMigrations: () => Promise.resolve(paths),
    getMigrationName: nameOf,
    getMigration: (path) => Promise.resolve(modules[path]!)
  };
}

interface Connection {
  pragma(text: string): void;
}

/** Opens a database file with the settings that keep an acknowledged write: WAL, foreign keys, full sync. */
export function connect(filename: string, source = migrationSource()): Knex {
  if (filename !== ':memory:') mkdirSync(dirname(filename), { recursive: true });
  return knex({
    client: 'better-sqlite3',
    connection: { filename },
    useNullAsDefault: true,
    migrations: { migrationSource: source },
    pool: {
      min: 1,
      max: 1,
      afterCreate: (connection: Connection, done: (e: Error | null, c: Connection) => void) => {
        connection.pragma('journal_mode = WAL');
        connection.pragma('foreign_keys = ON');
        connection.pragma('synchronous = FULL');
        connection.pragma('busy_timeout = 5000');
        // A photo deleted for good is written over.
        connection.pragma('secure_delete = ON');
        done(null, connection);
      }
    }
  });
}

/**
 * Opens, refuses a database newer than the code, backs up before a migration, migrates, checks the guards.
 * Throws an error whose message says what to do.
 */
export async function openDatabase(filename: string): Promise<Knex> {
  checkSound(filename);
  const db = connect(filename);
  try {
    await refuseNewer(db);
    await backUpBeforeMigration(db, filename);
    await freeLeftoverLock(db);
    await db.migrate.latest();
    await checkGuards(db);
    return db;
  } catch (error) {
    await db.destroy();
    throw error;
  }
}

async function doneMigrations(db: Knex): Promise<string[]> {
  if (!(await db.schema.hasTable('knex_migrations'))) return [];
  const rows = (await db('knex_migrations').select('name').orderBy('id')) as { name: string }[];
  return rows.map((r) => r.name);
}

/** A migration that was cut off leaves its lock behind; nobody else migrates, for one server holds the file. */
async function freeLeftoverLock(db: Knex): Promise<void> {
  if (!(await db.schema.hasTable('knex_migrations_lock'))) return;
  const [row] = await db<{ is_locked: number }>('knex_migrations_lock').select('is_locked');
  if (row?.is_locked) await db.migrate.forceFreeMigrationsLock();
}

async function refuseNewer(db: Knex): Promise<void> {
  const unknown = (await doneMigrations(db)).filter((name) => !migrationNames.includes(name));
  if (unknown.length > 0)
    throw new Error(
      `This database is at ${unknown[unknown.length - 1]}, newer than this Crockle, which knows up to ${migrationNames[migrationNames.length - 1]}. Start the newer Crockle, or restore the backup made before its migration.`
    );
}

async function backUpBeforeMigration(db: Knex, filename: string): Promise<void> {
  const done = await doneMigrations(db);
  if (filename === ':memory:' || done.length === 0 || done.length === migrationNames.length) return;
  await db.raw('PRAGMA wal_checkpoint(TRUNCATE)');
  const to = `${filename}.before-${migrationNames[migrationNames.length - 1]}`;
  if (!existsSync(to)) copyFileSync(filename, to);
}
