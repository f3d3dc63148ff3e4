import type { Knex } from 'knex';

/** The append-only log, and what each command answered. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('event', (t) => {
    t.increments('seq');
    t.text('id').notNullable().unique();
    t.text('stream').notNullable();
    t.integer('n').notNullable();
    t.text('type').notNullable();
    t.integer('version').notNullable();
    t.integer('at').notNullable();
    t.text('command').notNullable().index();
    t.text('data').notNullable();
    t.unique(['stream', 'n']);
  });
  await db.schema.createTable('command', (t) => {
    t.text('id').primary();
    t.text('kind').notNullable();
    t.integer('at').notNullable();
    t.text('answer').notNullable();
  });
}

export async function down(): Promise<void> {}
