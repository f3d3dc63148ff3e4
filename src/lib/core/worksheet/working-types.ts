import type { OwnCut } from '../style/index';

/** Says of a number how to write it. */
export type Unit = 'mass' | 'salt' | 'volume' | 'percent' | 'strength' | 'count' | 'number' | 'mm' | 'days';

/** A number that was put in: what it is, and of which crop, brine or how many batches where that matters. */
export interface WorkingValue {
  readonly what:
    | 'weighed'
    | 'fromPicked'
    | 'roomNeeded'
    | 'roomToLine'
    | 'roomInJars'
    | 'fleshVolume'
    | 'brineInJars'
    | 'brineUse'
    | 'saved'
    | 'reserve'
    | 'waterFor'
    | 'saltIn'
    | 'strength'
    | 'wanted'
    | 'pureSalt'
    | 'purity'
    | 'saltOfBrine'
    | 'leafAfter'
    | 'leafSalinity'
    | 'leafSalt'
    | 'bySpoon'
    | 'vegWater'
    | 'asPoured'
    | 'perVegetables'
    | 'perTotal'
    | 'perWater';
  readonly value: number;
  readonly unit: Unit;
  readonly of?: string;
  readonly n?: number;
}

/** Where the figures come from: a table, the kit, or the household's own batches, so many. */
export type WorkingSource =
  | { readonly from: 'scale' | 'kit' | 'bulk' | 'densities' | 'moisture' }
  | { readonly from: 'saltKind'; readonly of: string }
  | { readonly from: 'trim'; readonly of: string; readonly n: number }
  | {
      readonly from: 'packing';
      readonly of: string;
      readonly value: number;
      readonly n: number;
      readonly ownCut?: OwnCut;
    };

/** How a number came about: formula, values put in, sources, error. */
export interface Working {
  readonly id: 'prepared' | 'jars' | 'brine' | 'salt' | 'ends';
  readonly result: { readonly value: number; readonly unit: Unit };
  readonly formula:
    | 'weighed'
    | 'trimmed'
    | 'shredRoom'
    | 'pieceRoom'
    | 'brineDry'
    | 'brineRoom'
    | 'saltRinsed'
    | 'saltDry'
    | 'saltBrine'
    | 'evenedOut';
  readonly values: readonly WorkingValue[];
  readonly sources: readonly WorkingSource[];
  /** ±, nine times in ten, in the result's unit; null where it is exact by choice. */
  readonly plusMinus: number | null;
}
