import type { UndoPolicy, Upcasts } from '../history/index';
import type { HouseholdEvent } from './kit';

export const HOUSEHOLD_UPCASTS: Upcasts<HouseholdEvent['type']> = {
  // Weights came later.
  jarsOwned: [(data) => ({ weightId: null, ...data })]
};

/** A thermometer's reading stands for itself: what notes by itself keeps no hand from taking back what it said before. */
export const HOUSEHOLD_UNDO: UndoPolicy<HouseholdEvent['type']> = {
  alone: ['placeRead', 'placeCounted'],
  onNothing: [],
  ground: [],
  corrects: []
};
