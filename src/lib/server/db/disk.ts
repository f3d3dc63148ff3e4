import { rmSync, writeFileSync } from 'node:fs';
import type { Knex } from 'knex';
import type { Refusal } from '../../core/refusal';

const codeOf = (error: unknown): string => {
  const code = (error as { code?: unknown } | null)?.code;
  return typeof code === 'string' ? code : '';
};

/** What the disk said, as a refusal; undefined where it was something else. */
export function diskRefusal(error: unknown): Refusal | undefined {
  const code = codeOf(error);
  if (code.startsWith('SQLITE_FULL')) return { code: 'disk-full' };
  if (
    code.startsWith('SQLITE_READONLY') ||
    code.startsWith('SQLITE_CANTOPEN') ||
    code.startsWith('SQLITE_IOERR')
  )
    return { code: 'disk-refuses' };
  return code.startsWith('SQLITE_BUSY') ? { code: 'house-busy' } : undefined;
}

/** So much a write may want at once, bytes. */
const ROOM = Buffer.alloc(64 * 1024);

/** Whether the disk takes a write beside the database: asking the database would have to change it. */
export function takesWrites(filename: string): boolean {
  if (filename === ':memory:') return true;
  const probe = `${filename}.probe`;
  try {
    writeFileSync(probe, ROOM);
    return true;
  } catch {
    return false;
  } finally {
    rmSync(probe, { force: true });
  }
}

/**
 * One transaction that takes the write lock at its first statement, so that it never fails half way for another writer;
 * once more where the file was busy.
 */
export async function written<T>(db: Knex, body: (trx: Knex.Transaction) => Promise<T>): Promise<T> {
  const once = () =>
    db.transaction(async (trx) => {
      // An update that touches nothing: SQLite takes the lock for it all the same.
      await trx.raw('update current set n = n where 0');
      return body(trx);
    });
  return once().catch((error: unknown) => {
    if (!codeOf(error).startsWith('SQLITE_BUSY')) throw error;
    return once();
  });
}
