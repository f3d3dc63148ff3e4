import type { WallMinute } from '../calendar/index';
import {
  gained,
  massOf,
  NOTHING,
  plus,
  salinityIn,
  solidsOf,
  tidy,
  type Contents,
  type Posting
} from '../contents/index';
import type { Batch, BatchEvent, Passing, Said } from './batch';
import type { Correction } from './correction';
import type { BatchItem, Filling, Portion } from './facts';
import { afterPostings, placeOf } from './jar';
import { decantedOf, portionOf, postingsOf } from './moved';
import { salinityOf } from './salinity';

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
    case 'started':
    case 'entered':
      return state;
    case 'drained':
      return withFillings(state, [event.data.fillingId], (f) => ({
        ...f,
        ...fuller(f, moved),
        equilibrium: event.data.salinity
      }));
    case 'passedOn':
      return passedOn(state, event.data);
    case 'added':
      return secondPickIn(state, event.data, moved);
    case 'cared':
      return { ...state, care: [...state.care, { ...said, ...event.data }] };
    case 'moved': {
      const { fillingIds, placeId } = event.data;
      const stay = { placeId, from: said.at };
      return withFillings(state, fillingIds, (f) => ({ ...f, stays: [...f.stays, stay] }));
    }
    case 'portioned': {
      const what = gone(moved);
      return {
        ...state,
        portions: [...state.portions, { ...said, ...event.data, what, corrected: false }]
      };
    }
    case 'portionCorrected':
      return portionPutRight(state, event.data, moved);
    case 'putRight':
      return putRightIn(state, { ...said, ...event.data }, moved);
    case 'soured':
      return { ...state, sourings: [...state.sourings, { ...said, ...event.data }] };
    case 'decanted':
      return decantedIn(state, event.data, said.at);
    case 'received':
      return receivedIn(state, event.data);
    default:
      return judged(state, event, said);
  }
}

/** Tastes, readings and signs, and their corrections. */
function judged(
  state: Batch,
  event: Extract<
    BatchEvent,
    { type: 'tasted' | 'tasteCorrected' | 'measured' | 'pHCorrected' | 'signSeen' | 'signTakenBack' }
  >,
  said: Said
): Batch {
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
    case 'measured':
      return { ...state, readings: [...state.readings, { ...said, ...event.data }] };
    case 'pHCorrected': {
      const { of, pH } = event.data;
      return {
        ...state,
        readings: state.readings.flatMap((r) => (r.id !== of ? [r] : pH === null ? [] : [{ ...r, pH }]))
      };
    }
    case 'signSeen':
      return { ...state, signs: [...state.signs, { ...said, ...event.data }] };
    case 'signTakenBack':
      return { ...state, signs: state.signs.filter((s) => s.id !== event.data.of) };
  }
}

function begun(id: string, event: Extract<BatchEvent, { type: 'started' | 'entered' }>, said: Said): Batch {
  const { placeId, fillings, ...rest } = event.data;
  const entered = event.type === 'entered' ? event.data : null;
  const startedAt = entered?.since ?? said.at;
  const from = entered?.placeSince ?? said.at;
  return {
    id,
    name: rest.name,
    styleId: rest.styleId,
    style: rest.style,
    items: rest.items,
    equilibrium: rest.equilibrium,
    equilibriumSd: rest.equilibriumSd,
    saltKindId: rest.saltKindId,
    brinePlannedMl: rest.brinePlannedMl,
    brineUsedMl: rest.brineUsedMl,
    brineSaid: rest.brineSaid,
    saltG: rest.saltG,
    note: rest.note,
    aim: event.type === 'started' ? event.data.aim : null,
    rinses: event.type === 'started' ? event.data.rinses : [],
    knowing: event.type === 'started' ? event.data.knowing : [],
    signs: [],
    startedAt,
    fillings: fillings.map(({ parts, startG, ...f }) => {
      const full = plus(...parts.map((p) => p.what));
      // What comes into it is posted.
      return {
        ...f,
        full,
        holds: NOTHING,
        startG: startG ?? massOf(full),
        stays: [{ placeId, from }],
        emptiedAt: null
      };
    }),
    care: [],
    tastes: [],
    readings: [],
    portions: [],
    corrections: [],
    sourings: [],
    recipe: event.type === 'started' ? event.data.recipe : null
  };
}

function withFillings(state: Batch, ids: readonly string[], change: (f: Filling) => Filling): Batch {
  return { ...state, fillings: state.fillings.map((f) => (ids.includes(f.id) ? change(f) : f)) };
}

/** What the world outside got of it. */
const gone = (moved: readonly Posting[]): Contents =>
  plus(gained(moved, 'eaten'), gained(moved, 'given'), gained(moved, 'thrown'));

/** What goes back into a jar is as salty as it was when it was taken. */
function portionPutRight(
  state: Batch,
  { of, g }: { readonly of: string; readonly g: number },
  moved: readonly Posting[]
): Batch {
  const what = (p: Portion) => plus(p.what, gone(moved));
  const jars = state.fillings.map((f) => {
    const back = gained(moved, `jar:${f.id}`);
    const own = f.equilibrium !== undefined && massOf(back) !== 0 && massOf(plus(f.holds, back)) > 0;
    return own ? { ...f, equilibrium: salinityIn(plus(f.holds, back)) } : f;
  });
  return {
    ...state,
    fillings: jars,
    portions: state.portions.map((p) => (p.id === of ? { ...p, g, what: what(p), corrected: true } : p))
  };
}

/** A jar that holds more, or less, when full: by what came and went. */
const fuller = (f: Filling, moved: readonly Posting[]): Pick<Filling, 'full' | 'startG'> => {
  const more = gained(moved, `jar:${f.id}`);
  return { full: plus(f.full, more), startG: tidy(f.startG + massOf(more)) };
};

/** A second pick in a vessel that stands: it holds more, and is as salty as before. */
function secondPickIn(
  state: Batch,
  added: Extract<BatchEvent, { type: 'added' }>['data'],
  moved: readonly Posting[]
): Batch {
  return {
    ...withFillings(state, [added.fillingId], (f) => ({
      ...f,
      ...fuller(f, moved),
      vegRoomMl: Math.min(f.usableMl, f.vegRoomMl + added.vegRoomMl)
    })),
    items: [...state.items, ...added.items],
    saltG: (state.saltG ?? 0) + added.saltG
  };
}

/** A jar put right: what was drawn, lost or added changes what it holds, and its salinity is its own from then on. */
function putRightIn(state: Batch, c: Correction, moved: readonly Posting[]): Batch {
  return {
    ...withFillings(state, [c.fillingId], (f) => ({ ...f, ...fuller(f, moved), equilibrium: c.to })),
    corrections: [...state.corrections, c]
  };
}

/** Another jar of the batch: it stood where the first one did, and holds what was poured into it. */
function decantedIn(
  state: Batch,
  { fillingId, g, into }: Extract<BatchEvent, { type: 'decanted' }>['data'],
  at: WallMinute
): Batch {
  const source = state.fillings.find((f) => f.id === fillingId);
  if (!source) return state;
  const what = decantedOf(source, g);
  const own = source.equilibrium === undefined ? {} : { equilibrium: source.equilibrium };
  const jar: Filling = {
    ...into,
    ...own,
    full: what,
    holds: NOTHING,
    startG: 0,
    stays: [...source.stays, { placeId: placeOf(source), from: at }],
    emptiedAt: null
  };
  // What was done with the one, was done with what is in the other.
  const both = <T extends { readonly fillingIds: readonly string[] }>(all: readonly T[]): T[] =>
    all.map((x) => (x.fillingIds.includes(fillingId) ? { ...x, fillingIds: [...x.fillingIds, into.id] } : x));
  return {
    ...state,
    fillings: [...state.fillings, jar],
    care: both(state.care),
    tastes: both(state.tastes),
    readings: both(state.readings),
    signs: both(state.signs),
    sourings: both(state.sourings)
  };
}

/** Out of a jar, and into another one: of this batch too, or told there. */
function passedOn(state: Batch, { fillingId, other, what }: Passing): Batch {
  const less = withFillings(state, [fillingId], (f) => ({ ...f, startG: tidy(f.startG - massOf(what)) }));
  return other.batchId === state.id
    ? receivedIn(less, { fillingId: other.fillingId, what, items: [] })
    : less;
}

/** From another batch: it holds more, of more things, and is as salty as both together. */
function receivedIn(
  state: Batch,
  { fillingId, what, items }: Pick<Passing, 'fillingId' | 'what'> & { readonly items: readonly BatchItem[] }
): Batch {
  const salt = (f: Filling): Partial<Filling> =>
    salinityOf(state, f) === null ? {} : { equilibrium: salinityIn(plus(f.holds, what)) };
  const of = (f: Filling) => solidsOf(what) / Math.max(1, solidsOf(f.full));
  return {
    ...withFillings(state, [fillingId], (f) => ({
      ...f,
      ...salt(f),
      full: plus(f.full, what),
      startG: tidy(f.startG + massOf(what)),
      vegRoomMl: Math.min(f.usableMl, f.vegRoomMl * (1 + of(f)))
    })),
    items: [...state.items, ...items]
  };
}
