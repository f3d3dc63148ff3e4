import type { Knex } from 'knex';

interface Row {
  readonly id: string;
  readonly jpeg: Buffer;
}

/** Keeps a picture by the id of the entry that tells of it. */
export const keepPhoto = async (trx: Knex, id: string, jpeg: Buffer): Promise<void> => {
  await trx<Row>('photo').insert({ id, jpeg });
};

/** A picture; null: there is none, or no more. */
export const photoOf = async (db: Knex, id: string): Promise<Buffer | null> =>
  (await db<Row>('photo').where({ id }).first())?.jpeg ?? null;

/** Gone for good: SQLite writes over what it deletes (`secure_delete`, `db/open.ts`). */
export const dropPhoto = async (trx: Knex, id: string): Promise<void> => {
  await trx<Row>('photo').where({ id }).delete();
};
