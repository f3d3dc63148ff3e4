import type { OwnCrops } from '../produce/index';
import type { SpoonSystem, WrittenUnits } from '../quantity/index';
import type { SaltKind } from '../salt/index';

/** Whose spoons, cups and pints, and whose salt. */
export interface DoseWays {
  readonly system: SpoonSystem;
  /** The household's usual salt, as it has measured it; taken when none is named. */
  readonly kind: SaltKind;
  /** Its own crops, and the table's as it has corrected them. */
  readonly crops: OwnCrops;
}

/** How this household says amounts: no reader goes without. */
export interface Ways extends DoseWays {
  readonly units: WrittenUnits;
}

/** The unit of a weight said without one. Example: a household that reads pounds means ounces. */
export const bareMass = (ways: Pick<Ways, 'units'>): 'g' | 'oz' => (ways.units === 'metric' ? 'g' : 'oz');
