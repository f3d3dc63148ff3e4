import type { UndoPolicy, Upcasts } from '../history/index';
import type { BatchEvent } from './batch';

type Type = BatchEvent['type'];
const ends = (w: unknown): number | null =>
  (w as { ends?: { equilibrium?: number } } | undefined)?.ends?.equilibrium ?? null;

const KNEW = 'Knew of: ';
/** Rules named in an older note, and the note without them. */
function knownOf(said: unknown): { note: string; knowing: string[] } {
  const parts = typeof said === 'string' ? said.split(' · ') : [];
  return {
    note: parts.filter((p) => !p.startsWith(KNEW)).join(' · '),
    knowing: parts.filter((p) => p.startsWith(KNEW)).map((p) => p.slice(KNEW.length))
  };
}

export const BATCH_UPCASTS: Upcasts<Type> = {
  started: [
    // Aim, rinses, the recipe and whether the brine was said came later; the oldest had no worksheet either.
    (data) => ({ aim: ends(data.worksheet), rinses: [], recipe: null, brineSaid: false, ...data }),
    // Harms that were read and overridden stood as text in the note.
    (data) => ({ ...data, ...knownOf(data.note) })
  ],
  entered: [(data) => ({ brineSaid: false, ...data })]
};

export const BATCH_UNDO: UndoPolicy<Type> = {
  alone: [
    'cared',
    'tasted',
    'tasteCorrected',
    'measured',
    'pHCorrected',
    'signSeen',
    'signTakenBack',
    'portioned'
  ],
  onNothing: [],
  ground: ['started', 'entered', 'moved'],
  corrects: ['tasteCorrected', 'portionCorrected', 'pHCorrected', 'signTakenBack']
};
