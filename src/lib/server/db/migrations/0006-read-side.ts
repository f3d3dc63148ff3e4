import type { Knex } from 'knex';

/** What lists are read by, beside each derived state, and what follows from all of them together. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('current', (t) => {
    // What it is of, when it began on the household's wall, when it last changed (UTC ms).
    t.text('topic');
    t.integer('begun');
    t.integer('at');
    t.text('brief');
    // What it is found by, in small letters.
    t.text('words');
    t.text('teaches');
    t.index(['kind', 'topic']);
    t.index(['kind', 'begun']);
  });
  await db.schema.createTable('kept', (t) => {
    t.text('id').primary();
    t.text('data').notNullable();
  });
}

export async function down(): Promise<void> {}
