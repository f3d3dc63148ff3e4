/** A jar or crock as it is built; volumes in ml, lengths in mm. */
export interface JarGeometry {
  readonly id: string;
  readonly name: string;
  readonly nominalMl: number;
  readonly brimMl: number;
  /** Inner width of the opening, not of the lid. */
  readonly openingMm: number;
  readonly innerHeightMm: number;
  readonly shape: string;
  readonly source: string;
}
