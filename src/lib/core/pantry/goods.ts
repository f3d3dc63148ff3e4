/** Dry goods on the pantry shelf: salt, spices, lids. Amounts in g, or in pieces. */
export type GoodsKind = 'salt' | 'spice' | 'lid' | 'other';
export interface Goods {
  readonly id: string;
  readonly name: string;
  readonly kind: GoodsKind;
  readonly unit: 'g' | 'pieces';
  readonly amount: number;
  /** Under this, it belongs on the shopping list. */
  readonly low: number;
  /** Salt only: which kind it is, so that batches draw on it. */
  readonly saltKindId: string | null;
}

export type PantryEvent =
  | { readonly type: 'goodsCounted'; readonly data: Goods }
  | {
      readonly type: 'goodsUsed';
      readonly data: { readonly id: string; readonly amount: number; readonly batchId: string };
    };

export type Pantry = readonly Goods[];

/** The shelf after one more event; using more than is there leaves 0, since the jar is the truth. */
export function evolvePantry(state: Pantry, event: PantryEvent): Pantry {
  if (event.type === 'goodsCounted') {
    const has = state.some((g) => g.id === event.data.id);
    return has ? state.map((g) => (g.id === event.data.id ? event.data : g)) : [...state, event.data];
  }
  return state.map((g) =>
    g.id === event.data.id ? { ...g, amount: Math.max(0, g.amount - event.data.amount) } : g
  );
}

/** What wants buying. Example: 200 g of salt with the line at 1000 g is on the list. */
export function shoppingList(pantry: Pantry): Goods[] {
  return pantry.filter((g) => g.amount <= g.low);
}
