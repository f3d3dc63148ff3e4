import { MEASURES, type SpoonSystem } from '../quantity/index';
import type { SaltKind } from './types';

export interface Spoonful {
  /** Teaspoons to the nearest quarter. */
  readonly tsp: number;
  /** The same as tablespoons and teaspoons, as one would measure it. */
  readonly tbsp: number;
  readonly restTsp: number;
  /** What the rounded spoons really weigh, g of that salt. */
  readonly atRoundedG: number;
  /** Relative error of measuring by spoon, one sd, from the kind's spread. */
  readonly gsd: number;
}

/** Grams of this salt in one level teaspoon. Example: pickling salt, US: `5.91`. */
export function gPerTeaspoon(kind: SaltKind, system: SpoonSystem): number {
  return kind.gPerMl * MEASURES[system].tsp.factor;
}

/**
 * Grams of the household's salt as level spoons, to the nearest quarter teaspoon.
 * Example: 23.5 g of pickling salt in US spoons is 4 tsp = 1 tbsp + 1 tsp, really 23.66 g.
 */
export function spoonsFor(saltG: number, kind: SaltKind, system: SpoonSystem): Spoonful {
  const perTsp = gPerTeaspoon(kind, system);
  const tspPerTbsp = MEASURES[system].tbsp.factor / MEASURES[system].tsp.factor;
  const tsp = Math.round((saltG / perTsp) * 4) / 4;
  const tbsp = Math.floor(tsp / tspPerTbsp + 1e-9);
  return {
    tsp,
    tbsp,
    restTsp: tsp - tbsp * tspPerTbsp,
    atRoundedG: tsp * perTsp,
    gsd: kind.gsd
  };
}
