import type { Knex } from 'knex';

/** From which device a command came, when it was done by that device, and what the page had seen of the log. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('command', (t) => {
    t.text('device');
    t.integer('done');
    t.integer('saw');
  });
}

export async function down(): Promise<void> {}
