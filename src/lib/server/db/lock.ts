import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import Database from 'better-sqlite3';

/** Who runs a database, as its lock says. */
export interface Holder {
  readonly pid: number;
  readonly host: string;
}

const lockFile = (filename: string) => `${filename}.lock`;
const whoFile = (filename: string) => `${filename}.lock.json`;

/** Who says to hold the lock; null where nobody does. */
export function holderOf(filename: string): Holder | null {
  try {
    const said = JSON.parse(readFileSync(whoFile(filename), 'utf8')) as Partial<Holder>;
    return typeof said.pid === 'number' ? { pid: said.pid, host: String(said.host ?? '') } : null;
  } catch {
    return null;
  }
}

/**
 * One server, one file. The lock is an exclusive transaction on a small file beside the database: the system lets go of it
 * when its holder ends, however it ends. Answers what lets go of it; throws a sentence that says who holds it.
 */
export function lockDatabase(filename: string): () => void {
  if (filename === ':memory:') return () => undefined;
  const held = new Database(lockFile(filename), { timeout: 200 });
  try {
    held.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    held.close();
    if (!(error as { code?: string }).code?.startsWith('SQLITE_BUSY')) throw error;
    const who = holderOf(filename);
    throw new Error(
      `Another Crockle runs on this database${who ? ` (process ${who.pid} on ${who.host})` : ''}: ${filename}. End it first, or name another file in CROCKLE_DATABASE.`,
      { cause: error }
    );
  }
  writeFileSync(whoFile(filename), JSON.stringify({ pid: process.pid, host: hostname() }));
  return () => {
    try {
      rmSync(whoFile(filename), { force: true });
    } catch {
      // A folder that takes no change any more keeps the name of who held it; the lock itself is let go of.
    }
    held.exec('ROLLBACK');
    // The file stays: taken away, two could hold two of that name.
    held.close();
  };
}
