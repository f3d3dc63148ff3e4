import type { Knex } from 'knex';

/** Photos, by the id of the entry that tells of them: in the database itself, so that every backup and restore has them. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('photo', (t) => {
    t.text('id').primary();
    t.binary('jpeg').notNullable();
  });
}

export async function down(): Promise<void> {}
