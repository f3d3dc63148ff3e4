import type { GoesDown } from '$lib/words';

/** How long a kind lasts, as its row shows it; amounts in g of vegetables. */
export interface KindLine extends Pick<GoesDown, 'gone' | 'short' | 'comesAt'> {
  readonly style: string;
  readonly thereG: number;
  readonly jars: number;
  readonly comingG: number;
  readonly weekG: number;
  readonly learntFromG: number;
  readonly spoils: { readonly likely: number; readonly most: number };
  readonly pastBestG: number;
  readonly line: readonly {
    readonly day: number;
    readonly slow: number;
    readonly likely: number;
    readonly fast: number;
  }[];
}
