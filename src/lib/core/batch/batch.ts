import type { WallMinute } from '../calendar/index';
import type { StyleFacts } from '../style/index';
import type { Worksheet } from '../worksheet/index';
import type { Correction } from './correction';
import type {
  BatchItem,
  CareMark,
  Filling,
  PHReading,
  Portion,
  RecipeUsed,
  RinseLogged,
  SignSeen,
  Souring,
  Taste
} from './facts';

export interface Batch {
  readonly id: string;
  readonly name: string;
  readonly styleId: string;
  /** What its style was when it began. */
  readonly style: StyleFacts;
  readonly startedAt: WallMinute;
  readonly items: readonly BatchItem[];
  /** null where nobody knows: jars that already stood there on the first day. */
  readonly equilibrium: number | null;
  readonly equilibriumSd: number;
  readonly saltKindId: string | null;
  /** What was planned and what was really used; null where no brine was poured or nobody knows. */
  readonly brinePlannedMl: number | null;
  readonly brineUsedMl: number | null;
  /** Said, not taken from the plan: what is learnt from. */
  readonly brineSaid: boolean;
  readonly saltG: number | null;
  readonly note: string;
  /** What this batch aimed at, mass fraction; null where nobody said. */
  readonly aim: number | null;
  /** Each rinse of a heavily salted leaf, as it was weighed and tasted. */
  readonly rinses: readonly RinseLogged[];
  /** Rules of harm that were read and overridden, by name. */
  readonly knowing: readonly string[];
  /** Signs seen that mean "throw it away". */
  readonly signs: readonly SignSeen[];
  readonly fillings: readonly Filling[];
  readonly care: readonly CareMark[];
  readonly tastes: readonly Taste[];
  readonly readings: readonly PHReading[];
  readonly portions: readonly Portion[];
  readonly corrections: readonly Correction[];
  readonly sourings: readonly Souring[];
  /** The recipe it was made by, and which version of it. */
  readonly recipe: RecipeUsed | null;
}

/** A batch without what only its record shows: what a shelf, a task and a dialog about a jar need. */
export type BatchInHand = Omit<Batch, (typeof RECORD_ONLY)[number]>;
const RECORD_ONLY = ['care', 'portions', 'rinses'] as const;

/** Leaves out what only the record shows. */
export function inHand(b: Batch): BatchInHand {
  return Object.fromEntries(
    Object.entries(b).filter(([name]) => !(RECORD_ONLY as readonly string[]).includes(name))
  ) as BatchInHand;
}

type NewFilling = Omit<Filling, 'startG' | 'leftG' | 'stays' | 'emptiedAt'> & { readonly startG?: number };
type Facts = Pick<
  Batch,
  | 'name'
  | 'styleId'
  | 'style'
  | 'items'
  | 'equilibrium'
  | 'equilibriumSd'
  | 'saltKindId'
  | 'brinePlannedMl'
  | 'brineUsedMl'
  | 'brineSaid'
  | 'saltG'
  | 'note'
>;

export type BatchEvent =
  | {
      readonly type: 'started';
      readonly data: Facts & {
        readonly placeId: string;
        readonly fillings: readonly NewFilling[];
        readonly worksheet: Worksheet;
        readonly aim: number | null;
        readonly rinses: readonly RinseLogged[];
        readonly knowing: readonly string[];
        readonly recipe: RecipeUsed | null;
      };
    }
  | {
      readonly type: 'entered';
      readonly data: Facts & {
        readonly placeId: string;
        readonly fillings: readonly NewFilling[];
        readonly since: WallMinute;
        readonly placeSince: WallMinute;
      };
    }
  | {
      readonly type: 'added';
      readonly data: {
        readonly fillingId: string;
        readonly items: readonly BatchItem[];
        readonly vegG: number;
        readonly vegRoomMl: number;
        readonly naclG: number;
        readonly saltG: number;
        readonly drawnG: number;
      };
    }
  | { readonly type: 'cared'; readonly data: Omit<CareMark, 'id' | 'at'> }
  | { readonly type: 'tasted'; readonly data: Omit<Taste, 'id' | 'at' | 'corrected'> }
  | {
      readonly type: 'tasteCorrected';
      readonly data: { readonly of: string } & Pick<Taste, 'sour' | 'salt' | 'crunch' | 'note'>;
    }
  | { readonly type: 'measured'; readonly data: Omit<PHReading, 'id' | 'at'> }
  /** A reading that was wrong: what it really was, or null where there was none. */
  | { readonly type: 'pHCorrected'; readonly data: { readonly of: string; readonly pH: number | null } }
  | { readonly type: 'signSeen'; readonly data: Omit<SignSeen, 'id' | 'at'> }
  | { readonly type: 'signTakenBack'; readonly data: { readonly of: string } }
  | {
      readonly type: 'moved';
      readonly data: { readonly fillingIds: readonly string[]; readonly placeId: string };
    }
  | { readonly type: 'portioned'; readonly data: Omit<Portion, 'id' | 'at' | 'corrected'> }
  | { readonly type: 'portionCorrected'; readonly data: { readonly of: string; readonly g: number } }
  | { readonly type: 'putRight'; readonly data: Omit<Correction, 'id' | 'at'> }
  | { readonly type: 'soured'; readonly data: Omit<Souring, 'id' | 'at'> };

/** When it was said, on the household's clock, and the event's own name. */
export interface Said {
  readonly id: string;
  readonly at: WallMinute;
}

/** The batch after one more event; `undefined` before it was started. */
export function evolveBatch(
  id: string,
  state: Batch | undefined,
  event: BatchEvent,
  said: Said
): Batch | undefined {
  if (event.type === 'started' || event.type === 'entered') return begun(id, event, said);
  if (!state) return undefined;
  const { at } = said;
  switch (event.type) {
    case 'added':
      return secondPickIn(state, event.data);
    case 'cared':
      return { ...state, care: [...state.care, { ...said, ...event.data }] };
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
    case 'moved': {
      const { fillingIds, placeId } = event.data;
      return withFillings(state, fillingIds, (f) => ({ ...f, stays: [...f.stays, { placeId, from: at }] }));
    }
    case 'portioned':
      return portioned(state, { ...said, ...event.data, corrected: false });
    case 'portionCorrected':
      return portionCorrected(state, event.data.of, event.data.g);
    case 'putRight':
      return putRightIn(state, { ...said, ...event.data });
    case 'soured':
      return { ...state, sourings: [...state.sourings, { ...said, ...event.data }] };
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
    fillings: fillings.map((f) => {
      const startG = f.startG ?? f.contentsG;
      return { ...f, startG, leftG: startG, stays: [{ placeId, from }], emptiedAt: null };
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

/** A second pick in a vessel that stands: it holds more, and is as salty as before. */
function secondPickIn(state: Batch, added: Extract<BatchEvent, { type: 'added' }>['data']): Batch {
  const moreG = added.vegG + added.naclG - added.drawnG;
  return {
    ...withFillings(state, [added.fillingId], (f) => ({
      ...f,
      vegG: f.vegG + added.vegG,
      vegRoomMl: Math.min(f.usableMl, f.vegRoomMl + added.vegRoomMl),
      contentsG: f.contentsG + moreG,
      startG: f.startG + moreG,
      leftG: f.leftG + moreG
    })),
    items: [...state.items, ...added.items],
    saltG: (state.saltG ?? 0) + added.saltG
  };
}

/** A jar put right: what was drawn, lost or added changes what it holds, and its salinity is its own from then on. */
function putRightIn(state: Batch, c: Correction): Batch {
  const moreG = c.waterG + c.naclG + c.vegG - c.drawnG - c.lostG;
  return {
    ...withFillings(state, [c.fillingId], (f) => ({
      ...f,
      vegG: f.vegG + c.vegG,
      contentsG: f.contentsG + moreG,
      startG: f.startG + moreG,
      leftG: f.leftG + moreG,
      equilibrium: c.to
    })),
    corrections: [...state.corrections, c]
  };
}

/** Under a gram in a jar is an empty jar. */
const EMPTY_G = 1;

function portioned(state: Batch, portion: Portion): Batch {
  const emptied = withFillings(state, [portion.fillingId], (f) => left(f, f.leftG - portion.g, portion.at));
  return { ...emptied, portions: [...state.portions, portion] };
}

function portionCorrected(state: Batch, of: string, g: number): Batch {
  const was = state.portions.find((p) => p.id === of);
  if (!was) return state;
  const changed = withFillings(state, [was.fillingId], (f) => left(f, f.leftG + was.g - g, was.at));
  return {
    ...changed,
    portions: state.portions.map((p) => (p.id === of ? { ...p, g, corrected: true } : p))
  };
}

function left(f: Filling, leftG: number, at: WallMinute): Filling {
  const empty = leftG < EMPTY_G;
  return { ...f, leftG: empty ? 0 : leftG, emptiedAt: empty ? at : null };
}

/** Where a jar stands now. */
export const placeOf = (f: Filling): string => f.stays[f.stays.length - 1]?.placeId ?? '';
/** Jars that still hold something. */
export const standing = (b: Pick<Batch, 'fillings'>): Filling[] =>
  b.fillings.filter((f) => f.emptiedAt === null);
/** A batch lives while one of its jars holds something. */
export const isLive = (b: Pick<Batch, 'fillings'>): boolean => b.fillings.some((f) => f.emptiedAt === null);
