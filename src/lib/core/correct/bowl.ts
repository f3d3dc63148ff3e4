import type { EquilibriumSalinity } from '../quantity';
import { type Outcome, refuse, done } from '../refusal';
import { type Phase, phaseOf } from './balance';
import { GOOD_ENOUGH, percents } from './put-right';

/** Too much salt on what is not packed yet: unsalted vegetables to add, or salt still to give to what was added, g. */

export interface BowlRemedy {
  readonly now: Phase;
  readonly addVegG: number;
  readonly after: Phase;
}

/**
 * The bowl is too salty and nothing is packed: unsalted vegetables bring it back.
 * Example: 46 g on 1250 g of cabbage (w 0.922) for 2.3 % takes 869.3 g more cabbage.
 */

export function bowlTooSalty(
  naclG: number,
  vegWaterG: number,
  target: EquilibriumSalinity,
  moisture: number
): Outcome<BowlRemedy> {
  const now = phaseOf(naclG, 0, vegWaterG);
  if (now.salinity <= target + GOOD_ENOUGH)
    return refuse('not-too-salty', { field: 'salinityPercent', values: percents(now.salinity, target) });
  const addVegG = (now.massG * (now.salinity / target - 1)) / moisture;
  return done({ now, addVegG, after: phaseOf(naclG, addVegG * moisture, vegWaterG) });
}
