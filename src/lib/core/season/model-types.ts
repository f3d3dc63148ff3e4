import type { Lp, LpLayout } from './lp';
import type { StartOption } from './options';
import type { SeasonInput, StorePlace } from './types';

/** The columns of one start. */
export interface StartColumns {
  readonly option: StartOption;
  /** Whether it is made. */
  readonly made: number;
  readonly kg: number;
  readonly jars: readonly { readonly sizeId: string; readonly litres: number; readonly column: number }[];
  /** Kg that leave by each of its ends. */
  readonly ends: readonly number[];
  /** Kg of each of its shares. */
  readonly uses: readonly number[];
}

/** What stands stored of a style in a place: by week, what stands, is eaten and is thrown out; from its first week on. */
export interface StockColumns {
  readonly styleId: string;
  readonly place: StorePlace;
  readonly from: number;
  readonly stands: readonly number[];
  readonly eaten: readonly number[];
  readonly thrown: readonly number[];
}

export interface BackColumn {
  readonly styleId: string;
  readonly sizeId: string;
  /** At its end. */
  readonly week: number;
  readonly column: number;
}

/** A season as a programme, and which column is what. */
export interface Model {
  readonly lp: Lp;
  readonly starts: readonly StartColumns[];
  readonly fresh: readonly {
    readonly cropId: string;
    readonly week: number;
    readonly columns: readonly number[];
  }[];
  readonly stock: readonly StockColumns[];
  readonly back: readonly BackColumn[];
}

/** What the parts of a model are laid with. */
export interface Laying {
  readonly input: SeasonInput;
  readonly to: LpLayout;
  readonly starts: readonly StartColumns[];
}
