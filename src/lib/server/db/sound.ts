import {
  accessSync,
  closeSync,
  constants,
  existsSync,
  openSync,
  readdirSync,
  readSync,
  statSync
} from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';

const HEADER = 'SQLite format 3\0';
const WAY_BACK =
  'Nothing was changed. Stop here, keep this file, and go back to a backup: npm run restore -- FILE (backups lie in the folder “backups” beside the database).';

/** Other databases in the same folder: somebody may have named the wrong file. */
const others = (filename: string): string[] => {
  const dir = dirname(filename);
  return existsSync(dir)
    ? readdirSync(dir).filter((n) => /\.(db|sqlite3?)$/.test(n) && n !== basename(filename))
    : [];
};

/** What is to be said of a file that is not there yet; null where it is. */
export function newDatabaseSays(filename: string): string | null {
  if (filename === ':memory:' || existsSync(filename)) return null;
  const beside = others(filename);
  return beside.length === 0
    ? `There is no database at ${filename} yet: a new, empty household is made.`
    : `THERE IS NO DATABASE AT ${filename}: a new, EMPTY household is made. The folder holds others: ${beside.join(', ')}. If one of them is yours, stop Crockle and name it in CROCKLE_DATABASE.`;
}

/** Throws a sentence with what to do where a file, its log or its folder cannot be written to. */
export function checkWritable(filename: string): void {
  if (filename === ':memory:') return;
  for (const path of [dirname(filename), filename, `${filename}-wal`])
    try {
      if (existsSync(path)) accessSync(path, constants.W_OK);
    } catch {
      throw new Error(
        `Crockle cannot write to ${path}: nothing was changed. Give the account that runs it the right to write there, or name another place in CROCKLE_DATABASE.`
      );
    }
}

/** Throws a sentence with what to do where a file is no sound database. */
export function checkSound(filename: string): void {
  if (filename === ':memory:' || !existsSync(filename)) return;
  const { size } = statSync(filename);
  if (size === 0) {
    if (existsSync(`${filename}-wal`) && statSync(`${filename}-wal`).size > 0)
      throw new Error(`The database ${filename} is empty, but its log beside it is not. ${WAY_BACK}`);
    return;
  }
  const head = Buffer.alloc(16);
  const file = openSync(filename, 'r');
  readSync(file, head, 0, 16, 0);
  closeSync(file);
  if (head.toString('latin1') !== HEADER)
    throw new Error(`${filename} is no database of Crockle. ${WAY_BACK}`);
  let problems: string;
  try {
    const db = new Database(filename, { timeout: 2000 });
    try {
      problems = (db.pragma('quick_check(3)') as { quick_check: string }[])
        .map((r) => r.quick_check)
        .join('; ');
    } finally {
      db.close();
    }
  } catch (error) {
    problems = error instanceof Error ? error.message : String(error);
  }
  if (problems !== 'ok') throw new Error(`The database ${filename} is damaged (${problems}). ${WAY_BACK}`);
}

/** The folder of backups beside a database. */
export const backupFolder = (filename: string): string => join(dirname(filename), 'backups');
