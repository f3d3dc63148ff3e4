import { plusMinus, relativeSd, type SpoonSystem } from '../quantity/index';
import { spoonsFor } from './spoons';
import type { SaltKind } from './types';

/** How near the household's scale gets to a dose, and whether a spoon or a larger brine gets nearer. */
export interface ScaleAdvice {
  /** Half a step, as a share of the dose. */
  readonly scaleError: number;
  /** A level spoon: its spread nine times in ten, and the rounding to a quarter teaspoon. */
  readonly spoonError: number;
  readonly nearest: 'scale' | 'spoon';
  /** Half a step is over a quarter of the dose: this scale cannot dose it. */
  readonly tooCoarse: boolean;
  /** Times the brine must be made at once for the scale to be within a twentieth. */
  readonly inBulk: number;
}

/** Over this share of the dose the scale is refused. */
const TOO_COARSE = 0.25;
const GOOD_ENOUGH = 0.05;

/**
 * A scale is out by half a step at most. Example: 7.5 g on a scale that steps by a quarter ounce is ± 47 %.
 */
export function scaleAdvice(saltG: number, stepG: number, kind: SaltKind, system: SpoonSystem): ScaleAdvice {
  const scaleError = saltG > 0 ? stepG / 2 / saltG : 0;
  const spoons = spoonsFor(saltG, kind, system);
  const rounding = saltG > 0 ? Math.abs(spoons.atRoundedG - saltG) / saltG : 0;
  const spoonError = plusMinus({ mean: 1, sd: relativeSd(kind.gsd) }) + rounding;
  return {
    scaleError,
    spoonError,
    nearest: spoonError < scaleError ? 'spoon' : 'scale',
    tooCoarse: scaleError > TOO_COARSE,
    inBulk: Math.max(1, Math.ceil(scaleError / GOOD_ENOUGH))
  };
}
