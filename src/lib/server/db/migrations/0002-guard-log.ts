import type { Knex } from 'knex';
import { GUARDS } from '../guards';

/** Triggers that raise on update or delete of what was said. */
export async function up(db: Knex): Promise<void> {
  for (const sql of Object.values(GUARDS)) await db.raw(sql);
}

export async function down(): Promise<void> {}
