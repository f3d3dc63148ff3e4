import type { WallMinute } from '../calendar/index';
import { massOf, NOTHING, plus, type Posting } from '../contents/index';
import type { Lid } from '../vessel/index';
import type { Batch, BatchEvent, Said } from './batch';
import type { Portion } from './facts';
import { bottledIn } from './bowl';
import { heatedIn, openedBy } from './heat';
import { afterPostings } from './jar';
import { portionOf, postingsOf } from './moved';
import { starterIn } from './poured';
import {
  decantedIn,
  fuller,
  gone,
  lessDrawn,
  passedOn,
  portionPutRight,
  putRightIn,
  receivedIn,
  secondPickIn,
  withFillings
} from './refilled';

/** The batch after one more event; `undefined` before it was started. */
export function evolveBatch(
  id: string,
  state: Batch | undefined,
  event: BatchEvent,
  said: Said
): Batch | undefined {
  const before = event.type === 'started' || event.type === 'entered' ? begun(id, event, said) : state;
  if (!before) return undefined;
  const moved = postingsOf(before, event);
  const after = noted(before, event, said, moved);
  // An entry put right holds from when it was.
  const at = event.type === 'portionCorrected' ? (portionOf(before, event.data.of)?.at ?? said.at) : said.at;
  return { ...after, fillings: afterPostings(after.fillings, moved, at) };
}

/** What an event says, besides what it moves. */
function noted(state: Batch, event: BatchEvent, said: Said, moved: readonly Posting[]): Batch {
  switch (event.type) {
    case 'drained':
      return drainedIn(state, event.data, moved);
    case 'passedOn':
      return passedOn(state, event.data, moved, said.at);
    case 'added':
      return secondPickIn(state, event.data, moved, said.at);
    case 'cared':
      return { ...state, care: [...state.care, { ...said, ...event.data }] };
    case 'moved':
      return movedIn(state, event.data, said.at);
    case 'lidChanged':
      return lidOn(state, event.data, said.at);
    case 'queued':
      return queuedIn(state, event.data, said.at);
    case 'portioned':
      return portionedIn(state, { ...said, ...event.data, what: gone(moved), corrected: false }, moved);
    case 'portionCorrected':
      return portionPutRight(state, event.data, moved);
    case 'putRight':
      return putRightIn(state, { ...said, ...event.data }, moved);
    case 'soured':
      return { ...state, sourings: [...state.sourings, { ...said, ...event.data }] };
    case 'decanted':
      return decantedIn(state, event.data, moved, said.at);
    case 'received':
      return receivedFrom(state, event.data, moved, said.at);
    case 'started':
    case 'entered':
      return state;
    case 'finishing':
    case 'finishingLeft':
    case 'bottled':
    case 'heated':
      return finished(state, event, moved, said.at);
    default:
      return judged(state, event, said);
  }
}

/** On the way into bottles, or onto the pantry shelf. */
function finished(
  state: Batch,
  event: Of<'finishing' | 'finishingLeft' | 'bottled' | 'heated'>,
  moved: readonly Posting[],
  at: WallMinute
): Batch {
  if (event.type === 'bottled') return bottledIn(state, event.data, moved, at);
  if (event.type === 'heated')
    return withFillings(state, event.data.fillingIds, (f) => heatedIn(f, event.data, at));
  const { finishing, ...rest } = state;
  return event.type === 'finishing'
    ? { ...rest, finishing: { ...event.data, since: finishing?.since ?? at } }
    : rest;
}

const drainedIn = (
  state: Batch,
  { fillingId, salinity: equilibrium }: Of<'drained'>['data'],
  moved: readonly Posting[]
): Batch => withFillings(state, [fillingId], (f) => ({ ...f, ...fuller(f, moved), equilibrium }));

const receivedFrom = (
  state: Batch,
  data: Of<'received'>['data'],
  moved: readonly Posting[],
  at: WallMinute
): Batch => ({
  ...receivedIn(state, data, moved, at),
  holdsOf: [...new Set([...state.holdsOf, data.other.batchId])]
});

const lidOn = (
  state: Batch,
  { fillingIds, lid }: { readonly fillingIds: readonly string[]; readonly lid: Lid },
  lidSince: WallMinute
): Batch => withFillings(state, fillingIds, (f) => ({ ...f, lid, lidSince }));

/** Moved, it waits no longer. */
const movedIn = (state: Batch, { fillingIds, placeId }: Of<'moved'>['data'], from: WallMinute): Batch =>
  withFillings(state, fillingIds, ({ waitsFor: _, ...f }) => ({
    ...f,
    stays: [...f.stays, { placeId, from }]
  }));

const queuedIn = (state: Batch, { fillingIds, waitsFor }: Of<'queued'>['data'], since: WallMinute): Batch =>
  withFillings(state, fillingIds, ({ waitsFor: _, ...f }) =>
    waitsFor ? { ...f, waitsFor: { ...waitsFor, since } } : f
  );

const portionedIn = (state: Batch, portion: Portion, moved: readonly Posting[]): Batch => ({
  ...withFillings(state, [portion.fillingId], (f) => openedBy(lessDrawn(f, moved), portion.at)),
  portions: [...state.portions, portion]
});

type Of<T extends BatchEvent['type']> = Extract<BatchEvent, { type: T }>;
type Judged = Of<'tasted' | 'tasteCorrected' | 'signSeen' | 'signTakenBack'>;
type Read = Of<'photoTaken' | 'photoDeleted' | 'measured' | 'pHCorrected' | 'titrated' | 'gasSeen'>;

/** Tastes and signs, and their corrections. */
function judged(state: Batch, event: Judged | Read, said: Said): Batch {
  switch (event.type) {
    case 'tasted':
      return { ...state, tastes: [...state.tastes, { ...said, ...event.data, corrected: false }] };
    case 'tasteCorrected': {
      const { of, ...taste } = event.data;
      return {
        ...state,
        tastes: state.tastes.map((t) => (t.id === of ? { ...t, ...taste, corrected: true } : t))
      };
    }
    case 'signSeen':
      return { ...state, signs: [...state.signs, { ...said, ...event.data }] };
    case 'signTakenBack':
      return { ...state, signs: state.signs.filter((s) => s.id !== event.data.of) };
    default:
      return readOf(state, event, said);
  }
}

/** What was read of its jars, and seen in a picture: pH, acid, gas. */
function readOf(state: Batch, event: Read, said: Said): Batch {
  switch (event.type) {
    case 'measured':
      return { ...state, readings: [...state.readings, { ...said, ...event.data }] };
    case 'pHCorrected': {
      const { of, pH } = event.data;
      return {
        ...state,
        readings: state.readings.flatMap((r) => (r.id !== of ? [r] : pH === null ? [] : [{ ...r, pH }]))
      };
    }
    case 'photoTaken':
      return { ...state, photos: [...state.photos, { ...said, ...event.data }] };
    case 'photoDeleted':
      return { ...state, photos: state.photos.filter((p) => p.id !== event.data.of) };
    case 'titrated':
      return { ...state, titrations: [...state.titrations, { ...said, ...event.data }] };
    case 'gasSeen':
      return { ...state, gas: [...state.gas, { ...said, ...event.data }] };
  }
}

function begun(id: string, event: Extract<BatchEvent, { type: 'started' | 'entered' }>, said: Said): Batch {
  const { placeId, fillings, name, styleId, style, items, note } = event.data;
  const { equilibrium, equilibriumSd, saltKindId, saltG, brinePlannedMl, brineUsedMl, brineSaid } =
    event.data;
  const entered = event.type === 'entered' ? event.data : null;
  const startedAt = entered?.since ?? said.at;
  const from = entered?.placeSince ?? said.at;
  const { aim, rinses, knowing, recipe } =
    event.type === 'started' ? event.data : { aim: null, rinses: [], knowing: [], recipe: null };
  return {
    ...{ id, name, styleId, style, items, note, startedAt },
    ...{ equilibrium, equilibriumSd, saltKindId, saltG, brinePlannedMl, brineUsedMl, brineSaid },
    ...{ aim, rinses, knowing, recipe },
    ...NOTHING_SAID,
    fillings: fillings.map(({ parts, startG, ...f }) => {
      const full = plus(...parts.map((p) => p.what));
      const stays = [{ placeId, from }];
      const starterG = event.type === 'started' ? starterIn(parts, event.data.worksheet, startedAt) : 0;
      const own = { ...f, ...(starterG > 0 ? { starterG } : {}) };
      // What comes into it is posted.
      return { ...own, full, holds: NOTHING, startG: startG ?? massOf(full), stays, emptiedAt: null };
    })
  };
}

/** What is said of a batch only once it stands. */
const NOTHING_SAID = {
  ...{ signs: [], care: [], tastes: [], readings: [], titrations: [], photos: [], gas: [] },
  ...{ portions: [], corrections: [], sourings: [], holdsOf: [] }
};
