import type { WallMinute } from '../calendar/index';

/** A jar thinned, topped up or filled up: what of it was in it before, and what came. */
export interface Mixed {
  readonly at: WallMinute;
  /** Share of what it holds then that was in it before. */
  readonly keeps: number;
  /** Where its salt settles then; null: nobody knows. */
  readonly settles: number | null;
  /** What it held before, and then, g: vegetables, and all. */
  readonly was: { readonly solidsG: number; readonly allG: number };
  readonly allG: number;
  /** Vegetables that came. */
  readonly came: readonly { readonly cropId: string; readonly g: number }[];
  /** What came had soured already. */
  readonly sour?: Sour;
}

/** How far something has soured, as it was reckoned when it was poured: per kg of it. */
export interface Sour {
  /** Made acid, mmol/kg. */
  readonly acid: number;
  /** Sugar left in it, g/kg. */
  readonly sugar: number;
  /** Strength of its late acid-makers, 0 to 1. */
  readonly late: number;
}
