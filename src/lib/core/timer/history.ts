import type { UndoPolicy } from '../history/index';
import type { TimerEvent } from './timer';

export const TIMER_UNDO: UndoPolicy<TimerEvent['type']> = {
  alone: ['changed', 'heard', 'ended'],
  onNothing: [],
  ground: ['started'],
  corrects: []
};
