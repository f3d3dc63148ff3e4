/** One kind of salt, with the spread of its spoon weight and its share of sodium chloride. */
export interface SaltKind {
  readonly id: string;
  readonly name: string;
  /** Level, loosely filled, g/ml. */
  readonly gPerMl: number;
  /** Geometric sd of the spoon weight over makers, damp and hands. */
  readonly gsd: number;
  /** NaCl as mass fraction, with the range makers have. */
  readonly purity: number;
  readonly purityLow: number;
  readonly purityHigh: number;
  readonly source: string;
}
