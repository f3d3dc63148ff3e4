import { statfsSync } from 'node:fs';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Up, whether the database reads and writes, how much room the disk has, and how old the last backup is. */
export const GET: RequestHandler = async ({ locals }) => {
  const { db, backups } = locals.house;
  const tried = async (ask: string) =>
    db.raw(ask).then(
      () => true,
      () => false
    );
  const reads = await tried('select count(*) from current');
  // An update of nothing takes the write lock and a page of the log, and changes nothing.
  const writes = await tried('update knex_migrations_lock set is_locked = is_locked');
  const ok = reads && writes;
  // Who is not in hears whether the house stands, no more.
  if (locals.shut) return json({ ok }, { status: ok ? 200 : 503 });
  const state = backups?.state();
  const free = statfsSync('.');
  const body = {
    ok,
    reads,
    writes,
    freeMb: Math.floor((free.bavail * free.bsize) / 1e6),
    backup: state?.folder ? { lastAt: state.lastAt, failure: state.failure } : null
  };
  return json(body, { status: ok ? 200 : 503 });
};
