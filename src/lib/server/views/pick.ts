import { pickBook, type PickBook } from '../../core/ledger';
import type { Lot } from '../../core/lot';
import { batches, lots } from '../repos';
import type { House } from '../usecases';

/** One pick, and where every gram of it went; batches by their names. */
export interface PickGrams {
  readonly lot: Lot;
  readonly book: PickBook;
  readonly names: Readonly<Record<string, string>>;
}

/** A pick's book; undefined where there is none. */
export async function pickGrams(house: House, id: string): Promise<PickGrams | undefined> {
  const lot = (await lots.load(house.db, id))?.state;
  if (!lot) return undefined;
  const book = pickBook(lot, await lots.events(house.db, id));
  const names: Record<string, string> = {};
  for (const { batchId } of book.into)
    names[batchId] = (await batches.load(house.db, batchId))?.state.name ?? '';
  return { lot, book, names };
}
