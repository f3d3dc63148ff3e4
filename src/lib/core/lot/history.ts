import type { UndoPolicy, Upcasts } from '../history/index';
import type { LotEvent } from './lot';

/** Before there were several benches there was this one. */
export const FIRST_BENCH = 'bench';

const onTheBench = (data: Readonly<Record<string, unknown>>) => ({ bench: FIRST_BENCH, ...data });

export const LOT_UPCASTS: Upcasts<LotEvent['type']> = {
  takenToBench: [onTheBench],
  putBack: [onTheBench],
  prepared: [onTheBench],
  packed: [onTheBench],
  sorted: [onTheBench],
  ended: [({ from, ...data }) => ({ bench: from === 'bench' ? FIRST_BENCH : null, ...data })]
};

export const LOT_UNDO: UndoPolicy<LotEvent['type']> = { alone: [], onNothing: [], ground: [], corrects: [] };
