import type { Knex } from 'knex';

/** How things stand: derived from the log in the same transaction, and rebuilt from it at any time. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('current', (t) => {
    t.text('stream').primary();
    t.text('kind').notNullable();
    t.integer('n').notNullable();
    t.integer('live').notNullable();
    t.text('state').notNullable();
    t.index(['kind', 'live']);
  });
}

export async function down(): Promise<void> {}
