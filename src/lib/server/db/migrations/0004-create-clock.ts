import type { Knex } from 'knex';

/** The demo's stepped clock, and the unfinished choices of the bench. Neither is a record. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('clock', (t) => {
    t.integer('id').primary();
    t.integer('now').notNullable();
  });
  await db.schema.createTable('draft', (t) => {
    t.text('id').primary();
    t.text('data').notNullable();
  });
}

export async function down(): Promise<void> {}
