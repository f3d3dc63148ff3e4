import { stringify } from 'csv-stringify/sync';
import type { Knex } from 'knex';
import type { Batch } from '../../core/batch';
import { wallText } from '../../core/calendar';
import { massOf, solidsOf } from '../../core/contents';
import {
  bookOf,
  movedIn,
  picksBook,
  together,
  type Book,
  type Moved,
  type PicksBook
} from '../../core/ledger';
import { wallOf } from '../clock';
import { standsOf } from '../db/kinds';
import { batches, lots } from '../repos';
import type { House } from '../usecases';
import { seasonSpan } from './season';

/** Every gram of one batch. */
export interface BatchGrams {
  readonly id: string;
  readonly name: string;
  readonly book: Book;
}

/** Every gram of a season: its picks, and what was made of them. */
export interface SeasonGrams {
  readonly year: string;
  readonly thisYear: string;
  readonly picks: PicksBook;
  readonly book: Book;
  readonly batches: readonly { readonly id: string; readonly name: string; readonly cameG: number }[];
}

async function movedOf(house: House, b: Pick<Batch, 'id'>): Promise<Moved[]> {
  const events = await batches.events(house.db, b.id);
  return movedIn(
    b.id,
    events.map(({ at, id, command: _, ...event }) => ({ event, said: { at: wallOf(at, house.zone), id } }))
  );
}

const jarsOf = (b: Batch) => new Set(b.fillings.map((f) => f.id));

/** A batch's book; undefined where there is none. */
export async function batchGrams(house: House, id: string): Promise<BatchGrams | undefined> {
  const b = (await batches.load(house.db, id))?.state;
  return b && { id, name: b.name, book: bookOf(await movedOf(house, b), jarsOf(b)) };
}

/** Books of batches as they stand, by the house's file: one of which nothing new was said is not gone through again. */
const booksOf = new WeakMap<Knex, Map<string, { readonly n: number; readonly book: Book }>>();

async function bookNow(house: House, b: Batch, n: number): Promise<Book> {
  const kept = booksOf.get(house.db) ?? new Map<string, { n: number; book: Book }>();
  booksOf.set(house.db, kept);
  const before = kept.get(b.id);
  if (before?.n === n) return before.book;
  const book = bookOf(await movedOf(house, b), jarsOf(b));
  kept.set(b.id, { n, book });
  return book;
}

/** The season of the year that is asked for, or this one. */
export async function seasonGrams(house: House, asked: string): Promise<SeasonGrams> {
  const { year, thisYear, span } = seasonSpan(house, asked);
  const made = await batches.latest(house.db, span);
  const stands = new Map((await standsOf(house.db, 'batch', span)).map((s) => [s.id, s.n]));
  const books: { b: Batch; book: Book }[] = [];
  for (const b of made) books.push({ b, book: await bookNow(house, b, stands.get(b.id) ?? -1) });
  return {
    ...{ year, thisYear },
    picks: picksBook(await lots.latest(house.db, span)),
    book: together(books.map((x) => x.book)),
    batches: books.map(({ b, book }) => ({
      id: b.id,
      name: b.name,
      cameG: book.came.reduce((a, l) => a + massOf(l.what), 0)
    }))
  };
}

/** Everything that moved in some batches as a table that a spreadsheet opens: a line a posting, weights in grams. */
async function csvOf(house: House, of: readonly Batch[]): Promise<string> {
  const rows: object[] = [];
  for (const b of of) {
    const lid = new Map(b.fillings.map((f) => [`jar:${f.id}`, `jar ${f.lidNumber}`]));
    const plainly = (account: string) => lid.get(account) ?? account.split(':')[0] ?? account;
    for (const { at, by, from, to, what } of await movedOf(house, b))
      rows.push({
        ...{ batch: b.name, when: wallText(at), by, from: plainly(from), to: plainly(to) },
        ...{ vegetables_g: solidsOf(what), water_g: what.brineG, salt_g: what.saltG, all_g: massOf(what) }
      });
  }
  // A name that begins like a formula is a name.
  return stringify(rows, { header: true, columns: COLUMNS, escape_formulas: true, bom: true });
}
const COLUMNS = ['batch', 'when', 'by', 'from', 'to', 'vegetables_g', 'water_g', 'salt_g', 'all_g'];

/** One batch as a table; undefined where there is none. */
export async function batchCsv(house: House, id: string): Promise<string | undefined> {
  const b = (await batches.load(house.db, id))?.state;
  return b && csvOf(house, [b]);
}

/** All batches that were begun in a season as a table. */
export const seasonCsv = async (house: House, asked: string): Promise<string> =>
  csvOf(house, await batches.latest(house.db, seasonSpan(house, asked).span));
