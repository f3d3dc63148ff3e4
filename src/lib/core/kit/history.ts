import type { UndoPolicy, Upcasts } from '../history/index';
import type { BrineEvent } from './brines';
import type { HouseholdEvent } from './kit';
import type { PantryEvent } from './pantry';

export const HOUSEHOLD_UPCASTS: Upcasts<HouseholdEvent['type']> = {
  // Weights came later.
  jarsOwned: [(data) => ({ weightId: null, ...data })]
};

export const PANTRY_UNDO: UndoPolicy<PantryEvent['type']> = {
  alone: ['goodsUsed'],
  onNothing: ['goodsCounted'],
  ground: [],
  corrects: []
};

export const BRINE_UNDO: UndoPolicy<BrineEvent['type']> = {
  alone: ['used'],
  onNothing: [],
  ground: [],
  corrects: []
};
