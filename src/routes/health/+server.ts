import { statfsSync } from 'node:fs';
import { dirname } from 'node:path';
import { json } from '@sveltejs/kit';
import { takesWrites } from '$lib/server/db/disk';
import type { RequestHandler } from './$types';

/** Up, whether the database reads and writes, how much room the disk has, and how old the last backup is. */
export const GET: RequestHandler = async ({ locals }) => {
  const { db, backups, file } = locals.house;
  const tried = async (ask: string) =>
    db.raw(ask).then(
      () => true,
      () => false
    );
  const reads = await tried('select count(*) from current');
  // An update of nothing takes the write lock and changes nothing; whether the disk takes more is asked beside it.
  const writes =
    (await tried('update knex_migrations_lock set is_locked = is_locked')) &&
    (file === undefined || takesWrites(file));
  const ok = reads && writes;
  // Who is not in hears whether the house stands, no more.
  if (locals.shut) return json({ ok }, { status: ok ? 200 : 503 });
  const state = backups?.state();
  const free = statfsSync(file === undefined || file === ':memory:' ? '.' : dirname(file));
  const body = {
    ok,
    reads,
    writes,
    freeMb: Math.floor((free.bavail * free.bsize) / 1e6),
    backup: state?.folder ? { lastAt: state.lastAt, failure: state.failure } : null
  };
  return json(body, { status: ok ? 200 : 503 });
};
