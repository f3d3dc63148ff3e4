import type { Knex } from 'knex';
import { rebuildAll, type Progress } from './index';

/** What `current` looks like in this code: raised whenever a derived state gains or changes a field. */
const SHAPE = 24;

/** Derives everything anew when the database was last used by code that derived it otherwise. */
export async function keepShape(
  db: Knex,
  zone: string,
  tell?: Progress
): Promise<'as it was' | 'derived anew' | 'mended'> {
  const [row] = await db.raw<{ user_version: number }[]>('PRAGMA user_version');
  const shape = row?.user_version ?? 0;
  const same = shape === SHAPE;
  if (same && (await derivedIsWhole(db))) return 'as it was';
  await db.transaction((trx) => rebuildAll(trx, zone, tell));
  await db.raw(`PRAGMA user_version = ${SHAPE}`);
  return same ? 'mended' : 'derived anew';
}

/** Whether every derived row can be read and stands at the end of its stream, and no stream that has begun lacks one. */
async function derivedIsWhole(db: Knex): Promise<boolean> {
  const [odd] = await db.raw<{ n: number }[]>(
    `select count(*) as n from current left join (select stream, max(n) as last from event group by stream) as log
     on log.stream = current.stream where log.last is null or log.last <> current.n or not json_valid(current.state)`
  );
  const [lacking] = await db.raw<{ n: number }[]>(
    `select count(*) as n from (select stream, sum(type <> 'undone') as said, sum(type = 'undone') as undone from event group by stream) as log
     where log.undone = 0 and not exists (select 1 from current where current.stream = log.stream)`
  );
  return (odd?.n ?? 0) === 0 && (lacking?.n ?? 0) === 0;
}
