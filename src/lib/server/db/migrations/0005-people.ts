import type { Knex } from 'knex';

/** Who may come in, and who did what. Nothing here is a record: it can be taken away, and is. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('command', (t) => {
    // The fingerprint of what was asked, and the name of the hand; older commands have neither.
    t.text('input');
    t.text('who');
  });
  await db.schema.createTable('passphrase', (t) => {
    t.text('role').primary();
    t.text('hash').notNullable();
    t.integer('at').notNullable();
  });
  await db.schema.createTable('pass', (t) => {
    t.text('id').primary();
    t.text('kind').notNullable();
    t.text('hash').notNullable().unique();
    t.text('name').notNullable();
    t.text('role').notNullable();
    t.integer('begun').notNullable();
    t.integer('seen').notNullable();
    t.integer('ends').notNullable();
  });
}

export async function down(): Promise<void> {}
