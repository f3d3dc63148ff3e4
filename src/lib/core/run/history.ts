import type { UndoPolicy } from '../history/index';
import type { RunEvent } from './run';

/** Each thing done in a making may be taken back by itself, its begin only as the last; a lid written stands in no closing's way. */
export const RUN_UNDO: UndoPolicy<RunEvent['type']> = {
  alone: ['did', 'skipped', 'answered', 'ticked', 'putIn', 'laid', 'putOff', 'lapsed'],
  onNothing: [],
  ground: ['begun', 'givenUp'],
  corrects: []
};
