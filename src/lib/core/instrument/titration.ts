/** Lactic acid, g/mol. */
const LACTIC = 90.08;
/** Twenty drops of a usual pipette are a millilitre. Common practice, no source. */
export const DROP_ML = 0.05;

/** A sample and the lye that turned it: to pH 8.2, where phenolphthalein turns pink. */
export interface TitrationSaid {
  readonly sampleMl: number;
  /** Strength of the lye, mol/l. */
  readonly molar: number;
  readonly usedMl: number;
}

/**
 * Titratable acidity, % as lactic acid (g/100 g): ml × molarity × 90.08 / (10 × ml of sample), the usual formula of the
 * trade. Example: 14.2 ml of 0.1 mol/l for 10 ml of brine are 1.279 %.
 */
export const titratableAcidity = ({ sampleMl, molar, usedMl }: TitrationSaid): number =>
  (usedMl * molar * LACTIC) / (10 * sampleMl);
