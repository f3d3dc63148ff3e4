import type { Day } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { wantsBuying, type Goods, type Pantry } from './goods';

/** A line of the shopping list that a person wrote. */
export interface OwnLine {
  readonly id: string;
  readonly text: string;
}

/** What lies in the basket, by its line: what it cost, where somebody said it. */
export type InBasket = Readonly<Record<string, { readonly price: number | null }>>;

/** What a household wrote on its list, and what of the list is in the basket. */
export interface Shopping {
  readonly lines: readonly OwnLine[];
  readonly basket: InBasket;
}
export const NO_SHOPPING: Shopping = { lines: [], basket: {} };

export type ShoppingEvent =
  | { readonly type: 'lineWritten'; readonly data: OwnLine }
  | { readonly type: 'lineStruck'; readonly data: { readonly id: string } }
  | { readonly type: 'ticked'; readonly data: { readonly id: string; readonly price: number | null } }
  | { readonly type: 'unticked'; readonly data: { readonly id: string } }
  /** Home: what was in the basket is no longer wanted. */
  | { readonly type: 'broughtHome'; readonly data: { readonly ids: readonly string[] } };

const without = (basket: InBasket, ids: readonly string[]): InBasket =>
  Object.fromEntries(Object.entries(basket).filter(([id]) => !ids.includes(id)));

/** The list after one more event. */
export function evolveShopping(state: Shopping, { type, data }: ShoppingEvent): Shopping {
  switch (type) {
    case 'lineWritten':
      return { ...state, lines: [...state.lines, data] };
    case 'lineStruck':
      return {
        lines: state.lines.filter((l) => l.id !== data.id),
        basket: without(state.basket, [data.id])
      };
    case 'ticked':
      return { ...state, basket: { ...state.basket, [data.id]: { price: data.price } } };
    case 'unticked':
      return { ...state, basket: without(state.basket, [data.id]) };
    case 'broughtHome':
      return {
        lines: state.lines.filter((l) => !data.ids.includes(l.id)),
        basket: without(state.basket, data.ids)
      };
  }
}

/** Why something stands on the list: it was counted low, it is too old, what is being made wants more, or somebody wrote it. */
export type WhyBought = 'low' | 'old' | 'wanted' | 'written';

/** One line of the list. */
export interface ToBuy {
  readonly id: string;
  readonly name: string;
  readonly why: WhyBought;
  /** Of goods: what there is; null: somebody's own line. */
  readonly goods: Goods | null;
  /** So much more than there is, g or pieces, where what is being made wants it. */
  readonly lacks: number;
  readonly inBasket: boolean;
  readonly price: number | null;
}

/**
 * The whole list: what was counted low or is out of date, salt that what is being made or planned wants beyond what there is, and a
 * person's own lines. What lies in the basket stays on it until it is home.
 * @param wanted salt that what lies on benches or is planned will take, g by its kind
 */
export function shoppingList(
  pantry: Pantry,
  { lines, basket }: Shopping,
  today: Day,
  wanted: Readonly<Record<string, number>>
): ToBuy[] {
  const at = (id: string) => ({ inBasket: id in basket, price: basket[id]?.price ?? null });
  const goods = pantry.flatMap((g): ToBuy[] => {
    const lacks = g.saltKindId === null ? 0 : Math.max(0, (wanted[g.saltKindId] ?? 0) - g.amount);
    const why = lacks > 0 ? 'wanted' : wantsBuying(g, today);
    const known = at(g.id);
    if (!why && !known.inBasket) return [];
    return [{ id: g.id, name: g.name, why: why ?? 'low', goods: g, lacks, ...known }];
  });
  const own = lines.map((l): ToBuy => ({
    ...{ id: l.id, name: l.text, why: 'written', goods: null, lacks: 0 },
    ...at(l.id)
  }));
  return [...goods, ...own];
}

/** What the basket cost, as far as somebody said it. Example: salt at 2.50 and rings without a price come to 2.5. */
export const basketCost = (list: readonly Pick<ToBuy, 'inBasket' | 'price'>[]): number =>
  list.reduce((a, l) => a + (l.inBasket ? (l.price ?? 0) : 0), 0);

/** More lines nobody carries. */
const MOST_LINES = 100;

/** A line that a person writes on the list; refuses one that stands there. */
export function lineWritten(state: Shopping, text: string, id: string): Outcome<ShoppingEvent> {
  if (state.lines.length >= MOST_LINES) return refuse('too-many', { field: 'line' });
  const same = state.lines.some((l) => l.text.toLowerCase() === text.toLowerCase());
  return same
    ? refuse('line-there', { field: 'line', values: { line: text } })
    : done({ type: 'lineWritten', data: { id, text } });
}

/** A person's own line taken off the list. */
export const lineStruck = (state: Shopping, id: string): Outcome<ShoppingEvent> =>
  state.lines.some((l) => l.id === id)
    ? done({ type: 'lineStruck', data: { id } })
    : refuse('list-line-unknown', { field: 'lineId' });

/** A line into the basket or out of it. */
export function lineTicked(
  state: Shopping,
  pantry: Pantry,
  said: { readonly lineId: string; readonly isIn: boolean; readonly price?: number | undefined }
): Outcome<ShoppingEvent> {
  const { lineId: id, isIn, price = null } = said;
  const known = state.lines.some((l) => l.id === id) || pantry.some((g) => g.id === id);
  if (!known) return refuse('list-line-unknown', { field: 'lineId' });
  return done(isIn ? { type: 'ticked', data: { id, price } } : { type: 'unticked', data: { id } });
}
