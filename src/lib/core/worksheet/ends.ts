import { as, relativeSd, sdOfRange, together } from '../quantity/index';
import {
  BY_TASTE,
  equilibriumSalinity,
  perTotal,
  perVegetables,
  perWater,
  type SaltKind
} from '../salt/index';
import type { Filled } from './brined';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type { SaltEnds } from './answers';

/**
 * Where the salt ends up and how sure that is. Errors: the salt's purity, half a step of the scale, the water in
 * the vegetables, and (for brine) how much of it the flesh leaves room for.
 */
export function saltEnds(
  going: GoingIn,
  share: number,
  filled: Filled,
  salt: SaltKind,
  input: Pick<WorksheetInput, 'scaleStepG' | 'way' | 'brineUse'>,
  brined: boolean
): SaltEnds {
  const contents = {
    naclG: filled.naclInJarsG + going.brought.naclG * share,
    waterG: filled.waterInJarsG,
    vegG: going.prepared.mean * share,
    vegWaterG: (going.vegWater.mean + going.brought.waterG) * share
  };
  const s = equilibriumSalinity(contents);
  const b = brined && filled.brine ? filled.brine.strength : null;
  const all = contents.naclG + contents.waterG + contents.vegWaterG;
  const saltSd = together(
    filled.naclInJarsG * (sdOfRange(salt.purityLow, salt.purityHigh) / salt.purity),
    (input.scaleStepG * salt.purity) / Math.sqrt(12),
    going.brought.naclSd * share
  );
  const brineSd = b === null ? 0 : going.flesh.sd * share;
  return {
    equilibrium: s,
    equilibriumSd:
      all === 0
        ? 0
        : together(
            ((1 - s) * saltSd) / all,
            (s * going.vegWater.sd * share) / all,
            (((b ?? s) - s) * brineSd) / all,
            input.way === 'byTaste' ? s * relativeSd(BY_TASTE.gsd) : 0
          ),
    perWater: brined ? (perWater(contents) ?? null) : null,
    perVegetables: perVegetables(contents) ?? as.perVegetables(0),
    perTotal: perTotal(contents) ?? as.perTotal(0),
    asPoured: b
  };
}
