import { BY_TASTE, type DosingWay } from '../salt/index';
import type { Spread } from '../quantity/index';
import type { WorksheetInput } from './types';
import type { Worksheet } from './answers';
import { worksheet } from './worksheet';

/** One way of dosing, worked out for these jars: the same figure said of another base ends elsewhere. */
export interface WayEnds {
  readonly way: DosingWay;
  readonly fraction: number;
  readonly ends: Spread;
  /** g of the household's salt. */
  readonly saltG: number;
}

const FIGURES: readonly DosingWay[] = ['perWater', 'perVegetables', 'perTotal', 'byTaste'];

/**
 * What the same figure comes to when it is said of the water, of the vegetables or of both, and what seasoning by taste
 * comes to; each for the jars on the bench. Ways that mean nothing here
 * (of the water, where none is added) are left out.
 * Example: 2.5 % in a packed jar of kohlrabi ends at half of it per water, at 2.6 % per total weight.
 */
export function everyWay(input: WorksheetInput, sheet: Worksheet): WayEnds[] {
  const fixed = { ...input, counts: sheet.chosen.counts };
  return FIGURES.flatMap((way) => {
    const fraction = way === 'byTaste' ? BY_TASTE.fraction : input.fraction;
    const made = worksheet({ ...fixed, way, fraction });
    return made.ok ? [ended(way, fraction, made.value)] : [];
  });
}

const ended = (way: DosingWay, fraction: number, w: Worksheet): WayEnds => ({
  way,
  fraction,
  ends: { mean: w.ends.equilibrium, sd: w.ends.equilibriumSd },
  saltG: w.salt.weighG
});
