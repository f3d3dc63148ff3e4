/** What a plan may not do. */
export type Fault =
  | 'twice'
  | 'litres'
  | 'size'
  | 'half-jar'
  | 'kg-not-jars'
  | 'shares'
  | 'away'
  | 'too-early'
  | 'too-late'
  | 'place'
  | 'parts'
  | 'counter'
  | 'hours'
  | 'batches'
  | 'water'
  | 'raw-overdrawn'
  | 'fresh'
  | 'stock-overdrawn'
  | 'room'
  | 'bottles'
  | 'jars'
  | 'back'
  | 'served';

export interface FaultFound {
  readonly fault: Fault;
  readonly week: number;
  /** Of what: a style, a crop, a size, a place. */
  readonly id: string;
}

/** Tolerances: of produce and of stock, kg; of room, litres; of anything else. */
export const TOLERANCE = { raw: 0.002, stock: 0.003, room: 0.05, other: 1e-4 };

export type Found = (fault: Fault, week: number, id: string) => void;
