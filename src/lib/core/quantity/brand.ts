/**
 * Quantities that look alike and must not be mixed: all are plain fractions 0-1, told apart by the compiler.
 * One helper makes them; nothing else may.
 */
declare const brand: unique symbol;
export type Branded<Name extends string> = number & { readonly [brand]: Name };

/** g salt per g water added. */
export type PerWater = Branded<'per water'>;
/** g salt per g prepared vegetables. */
export type PerVegetables = Branded<'per vegetables'>;
/** g salt per g vegetables and water together. */
export type PerTotal = Branded<'per total'>;
/** g salt per g brine (salt + water), as poured. */
export type TrueStrength = Branded<'true strength'>;
/** g salt per g salt and all the water in the jar, once evened out. The tool's one axis. */
export type EquilibriumSalinity = Branded<'equilibrium salinity'>;

type Kinds = {
  perWater: PerWater;
  perVegetables: PerVegetables;
  perTotal: PerTotal;
  trueStrength: TrueStrength;
  equilibriumSalinity: EquilibriumSalinity;
};

/**
 * Marks a plain fraction as one kind of strength.
 * Example: `as.equilibriumSalinity(0.022)` is `0.022`, and no longer fits where a brine's strength is asked.
 */
export const as: { readonly [K in keyof Kinds]: (fraction: number) => Kinds[K] } = {
  perWater: (f) => f as PerWater,
  perVegetables: (f) => f as PerVegetables,
  perTotal: (f) => f as PerTotal,
  trueStrength: (f) => f as TrueStrength,
  equilibriumSalinity: (f) => f as EquilibriumSalinity
};
