import type { UndoPolicy } from '../history/index';
import type { BrineEvent } from './brines';
import type { PantryEvent } from './goods';

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
