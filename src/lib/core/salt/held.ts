import { MEASURES, UNITS, type SpoonSystem } from '../quantity/index';
import type { DosingWay } from './dose';
import type { SaltKind } from './types';

/** What a dose is taken of. `jar` is one jar of the batch, `quartJar` one scaled to a quart, `head` one piece of the crop. */
export type DoseBase = 'water' | 'vegetables' | 'total' | 'ends' | 'jar' | 'quartJar' | 'head';

/** One way to understand a dose as it was said. */
export interface DoseReading {
  readonly says: string;
  readonly base: DoseBase;
  /** g of salt, with its geometric sd. */
  readonly saltG: number;
  readonly gsd: number;
  /** How much of the base it was said for: g of water or vegetables, ml of jar, or a count. */
  readonly per: number;
  readonly kind: SaltKind;
  /** For a piece whose crop is not said: what it is called. */
  readonly piece?: string;
  /** Said of pure salt, as percentages and tastes are; else the salt as it is. */
  readonly pure?: true;
}

/** What is known of the batch that a dose is held against. */
export interface DoseTarget {
  readonly vegG: number;
  readonly jars: number;
  readonly roomMl: number;
  /** A piece of the batch's crop as it is prepared, g; null where it has none of that name. */
  readonly pieceG: (word: string) => number | null;
}

/**
 * A reading as a dose for these jars: the way and the fraction (pure salt), or undefined where it means nothing.
 * Example: 17.7 g pickling salt to 1 l water is 1.77 % of the water.
 */
export function doseFor(
  reading: DoseReading,
  target: DoseTarget
): { way: DosingWay; fraction: number } | undefined {
  const pureG = reading.saltG * (reading.pure ? 1 : reading.kind.purity);
  switch (reading.base) {
    case 'water':
      return { way: 'perWater', fraction: pureG / reading.per };
    case 'vegetables':
      return { way: 'perVegetables', fraction: pureG / reading.per };
    case 'total':
      return { way: 'perTotal', fraction: pureG / reading.per };
    case 'ends':
      return { way: 'equilibrium', fraction: pureG / reading.per };
    case 'jar':
      return { way: 'perVegetables', fraction: (pureG * target.jars) / reading.per / target.vegG };
    case 'quartJar':
      return { way: 'perVegetables', fraction: (pureG * target.roomMl) / reading.per / target.vegG };
    case 'head': {
      const pieceG = target.pieceG(reading.piece ?? '');
      return pieceG === null ? undefined : { way: 'perVegetables', fraction: pureG / reading.per / pieceG };
    }
  }
}

/** Readings that end further apart than this are asked about, never guessed. */
export const ASK_BEYOND = 0.05;

/** Whether readings that end at these salinities must be asked about. Example: 0.020 and 0.0208 need not. */
export function mustAsk(ends: readonly number[]): boolean {
  return ends.length > 1 && Math.max(...ends) > Math.min(...ends) * (1 + ASK_BEYOND);
}

/** The chosen dose as the rules of thumb that people say, in the household's spoons. */
export function rulesOfThumb(
  contents: { naclG: number; waterG: number; vegG: number },
  kind: SaltKind,
  system: SpoonSystem
): readonly { says: string; spoons: number; spoon: 'tsp' | 'tbsp'; grams: number }[] {
  const { tsp, tbsp } = MEASURES[system];
  const inSpoons = (g: number, spoon: 'tsp' | 'tbsp') =>
    g / (kind.gPerMl * (spoon === 'tsp' ? tsp.factor : tbsp.factor));
  const saltG = contents.naclG / kind.purity;
  const rows: [string, number, 'tsp' | 'tbsp'][] = [
    ['to 1 kg of vegetables', (saltG / contents.vegG) * 1000, 'tsp'],
    ['to 1 lb of vegetables', (saltG / contents.vegG) * UNITS.lb.factor, 'tsp']
  ];
  if (contents.waterG > 0) {
    rows.push(['to 1 l of water', (saltG / contents.waterG) * 998.2, 'tbsp']);
    rows.push(['to a quart of water', (saltG / contents.waterG) * 0.9982 * UNITS.usQuart.factor, 'tbsp']);
  }
  return rows.map(([says, grams, spoon]) => ({ says, spoon, grams, spoons: inSpoons(grams, spoon) }));
}
