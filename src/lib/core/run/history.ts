import type { UndoPolicy, Upcasts } from '../history/index';
import type { RunEvent } from './run';

/** Each thing done in a making may be taken back by itself, its begin only as the last; a lid written stands in no closing's way. */
export const RUN_UNDO: UndoPolicy<RunEvent['type']> = {
  alone: ['did', 'skipped', 'answered', 'ticked', 'putIn', 'laid', 'putOff', 'lapsed'],
  onNothing: [],
  ground: ['begun', 'givenUp'],
  corrects: []
};

export const RUN_UPCASTS: Upcasts<RunEvent['type']> = {
  // What went in was not written down: nothing is learnt of how long it took.
  closed: [(data) => ({ ...data, made: null })]
};
