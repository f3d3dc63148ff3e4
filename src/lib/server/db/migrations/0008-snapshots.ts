import type { Knex } from 'knex';

/** How long streams stood now and then: derived, so that an undo need not read them from their beginning. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('snapshot', (t) => {
    t.text('stream').notNullable();
    t.integer('n').notNullable();
    t.text('state').notNullable();
    t.primary(['stream', 'n']);
  });
}

export async function down(): Promise<void> {}
