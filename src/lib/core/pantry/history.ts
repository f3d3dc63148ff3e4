import { NOTHING, some } from '../contents/index';
import type { UndoPolicy, Upcasts } from '../history/index';
import { brineHolds, type BrineEvent } from './brines';
import type { PantryEvent } from './goods';
import type { ShoppingEvent } from './shopping';

export const PANTRY_UNDO: UndoPolicy<PantryEvent['type']> = {
  alone: ['goodsUsed', 'goodsBought'],
  onNothing: ['goodsCounted'],
  ground: [],
  corrects: []
};

/** Any tick may be taken back, whatever was ticked after it. */
export const SHOPPING_UNDO: UndoPolicy<ShoppingEvent['type']> = {
  alone: ['lineWritten', 'lineStruck', 'ticked', 'unticked', 'broughtHome'],
  onNothing: [],
  ground: [],
  corrects: []
};

export const BRINE_UNDO: UndoPolicy<BrineEvent['type']> = {
  alone: ['used'],
  onNothing: [],
  ground: [],
  corrects: []
};

export const BRINE_UPCASTS: Upcasts<BrineEvent['type']> = {
  kept: [
    // What it was made of was not written down: what a jar gave, that jar says.
    (data) => {
      if (data.from === 'batch') return { ...data, parts: [] };
      const { brineG, saltG } = brineHolds(Number(data.ml), Number(data.strength));
      const parts = [
        { from: 'water', what: some({ brineG }) },
        { from: 'salt', what: some({ saltG }) }
      ];
      return { ...data, parts };
    }
  ],
  used: [(data) => ({ ...data, away: NOTHING })]
};
