import type { Knex } from 'knex';

/** What lists are read by, apart from the whole states, and what follows from all of them together. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('line', (t) => {
    t.text('stream').primary();
    t.text('kind').notNullable();
    t.integer('live').notNullable();
    // When it last changed (UTC ms), what it is of, when it began on the household's wall.
    t.integer('at').notNullable();
    t.text('topic');
    t.integer('begun');
    // What it is found by, in small letters.
    t.text('words');
    t.text('brief');
    t.text('teaches');
    t.index(['kind', 'begun']);
    t.index(['kind', 'live', 'begun']);
    t.index(['kind', 'topic', 'begun']);
    t.index(['kind', 'at']);
  });
  await db.schema.createTable('kept', (t) => {
    t.text('id').primary();
    t.text('data').notNullable();
  });
}

export async function down(): Promise<void> {}
