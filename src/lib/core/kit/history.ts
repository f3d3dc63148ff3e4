import type { Upcasts } from '../history/index';
import type { HouseholdEvent } from './kit';

export const HOUSEHOLD_UPCASTS: Upcasts<HouseholdEvent['type']> = {
  // Weights came later.
  jarsOwned: [(data) => ({ weightId: null, ...data })]
};
