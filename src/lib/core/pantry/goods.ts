import type { Day } from '../calendar/index';

/** Dry goods on the pantry shelf. Amounts in g, in ml, or in pieces. */
export const GOODS_KINDS = [
  ...(['salt', 'spice', 'sugar', 'vinegar', 'lid', 'ring', 'label', 'strip'] as const),
  'other'
] as const;
export type GoodsKind = (typeof GOODS_KINDS)[number];

/** What each kind is counted in. */
export const unitOf = (kind: GoodsKind): Goods['unit'] =>
  kind === 'vinegar' ? 'ml' : ['lid', 'ring', 'label', 'strip'].includes(kind) ? 'pieces' : 'g';

export interface Goods {
  readonly id: string;
  readonly name: string;
  readonly kind: GoodsKind;
  readonly unit: 'g' | 'ml' | 'pieces';
  readonly amount: number;
  /** Under this, it belongs on the shopping list. */
  readonly low: number;
  /** Salt only: which kind it is, so that batches draw on it. */
  readonly saltKindId: string | null;
  /** The last day that it is good for, as its pack says: strips and acids have one; absent: none was said. */
  readonly useBy?: Day;
}

export type PantryEvent =
  | { readonly type: 'goodsCounted'; readonly data: Goods }
  /** Brought home: so much more of it. */
  | {
      readonly type: 'goodsBought';
      readonly data: { readonly id: string; readonly amount: number; readonly useBy?: Day };
    }
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
  if (event.type === 'goodsBought') {
    const { id, amount, useBy } = event.data;
    return state.map((g) => (g.id === id ? boughtMore(g, amount, useBy) : g));
  }
  return state.map((g) =>
    g.id === event.data.id ? { ...g, amount: Math.max(0, g.amount - event.data.amount) } : g
  );
}

/** A new pack has a new date; what it said of the old one is over. */
function boughtMore({ useBy: _, ...g }: Goods, amount: number, useBy: Day | undefined): Goods {
  return { ...g, amount: g.amount + amount, ...(useBy ? { useBy } : {}) };
}

/** Whether goods want buying: down to their line, or past their date; null: neither. Example: 200 g of salt with the line at 1000 g are `low`. */
export const wantsBuying = (g: Goods, today: Day): 'low' | 'old' | null =>
  g.amount <= g.low ? 'low' : g.useBy && g.useBy < today ? 'old' : null;
