import type { WallMinute } from '../calendar/index';
import {
  type Posting,
  type Contents,
  plus,
  gained,
  massOf,
  salinityIn,
  tidy,
  NOTHING,
  solidsOf
} from '../contents/index';
import type { Batch, BatchEvent, Passing } from './batch';
import type { Correction } from './correction';
import { PORTION_HOW, type Filling, type Keeps, type Portion, type BatchItem } from './facts';
import { placeOf } from './jar';
import type { Mixed } from './mixed';
import { salinityOf } from './salinity';

export function withFillings(state: Batch, ids: readonly string[], change: (f: Filling) => Filling): Batch {
  return { ...state, fillings: state.fillings.map((f) => (ids.includes(f.id) ? change(f) : f)) };
}

/** What the world outside got of it. */
export const gone = (moved: readonly Posting[]): Contents =>
  plus(...PORTION_HOW.map((how) => gained(moved, how)));

/** Brine that was poured away with the last pieces, or kept, was none of what is eaten. */
export const lessDrawn = (f: Filling, moved: readonly Posting[]): Filling => {
  const away = moved.filter(
    (p) => p.from === `jar:${f.id}` && (p.to === 'drawn' || p.to.startsWith('brine:'))
  );
  return { ...f, startG: tidy(f.startG - massOf(plus(NOTHING, ...away.map((p) => p.what)))) };
};

/** What goes back into a jar is as salty as it was when it was taken. */
export function portionPutRight(
  state: Batch,
  { of, g }: { readonly of: string; readonly g: number },
  moved: readonly Posting[]
): Batch {
  const what = (p: Portion) => plus(p.what, gone(moved));
  const jars = state.fillings.map((f) => {
    const back = gained(moved, `jar:${f.id}`);
    // As much as before, but of another salt level by now, is a change, too.
    const changed = massOf(back) !== 0 || back.saltG !== 0;
    const own = f.equilibrium !== undefined && changed && massOf(plus(f.holds, back)) > 0;
    const now = lessDrawn(f, moved);
    return own ? { ...now, equilibrium: salinityIn(plus(f.holds, back)) } : now;
  });
  return {
    ...state,
    fillings: jars,
    portions: state.portions.map((p) => (p.id === of ? { ...p, g, what: what(p), corrected: true } : p))
  };
}

/** A jar that holds more, or less, when full: by what came and went. */
export const fuller = (f: Filling, moved: readonly Posting[]): Pick<Filling, 'full' | 'startG'> => {
  const more = gained(moved, `jar:${f.id}`);
  return { full: plus(f.full, more), startG: tidy(f.startG + massOf(more)) };
};

/**
 * How far what came thins what was there: what goes out goes before it where it was drawn off to make room, and takes of
 * everything but vapour. Example: 100 g of brine in 900 g keep `0.9`.
 */
function mixedAs(
  f: Filling,
  moved: readonly Posting[],
  said: Pick<Mixed, 'at' | 'settles' | 'came'> & { readonly vapourG?: number }
): Mixed {
  const { vapourG = 0, ...rest } = said;
  const it = `jar:${f.id}` as const;
  const sum = (all: readonly Posting[]) => massOf(plus(...all.map((p) => p.what)));
  // What was measured otherwise than reckoned neither comes nor goes.
  const real = moved.filter((p) => p.from !== 'reckoned');
  const outG = sum(real.filter((p) => p.from === it)) - vapourG;
  const allG = Math.max(1, massOf(f.holds) + massOf(gained(moved, it)));
  // A second pick is pressed in first, and what stands too high is drawn off the mixture.
  const before = massOf(f.holds);
  const inG = sum(real.filter((p) => p.to === it));
  const keeps = rest.came.length > 0 ? before / Math.max(1, before + inG) : (before - outG) / allG;
  return {
    ...rest,
    keeps: Math.min(1, Math.max(0, keeps)),
    was: { solidsG: solidsOf(f.holds), allG: before },
    allG
  };
}

/** A second pick in a vessel that stands: it holds more, and is as salty as before. */
export function secondPickIn(
  state: Batch,
  added: Extract<BatchEvent, { type: 'added' }>['data'],
  moved: readonly Posting[],
  at: WallMinute
): Batch {
  const came = added.items.map((i) => ({ cropId: i.cropId, g: i.preparedG }));
  return {
    ...withFillings(state, [added.fillingId], (f) => ({
      ...f,
      ...fuller(f, moved),
      mixed: [...(f.mixed ?? []), mixedAs(f, moved, { at, settles: salinityOf(state, f), came })],
      vegRoomMl: Math.min(f.usableMl, f.vegRoomMl + added.vegRoomMl)
    })),
    items: [...state.items, ...added.items.map((i) => ({ ...i, into: added.fillingId }))],
    saltG: (state.saltG ?? 0) + added.saltG
  };
}

/** A jar put right: what was drawn, lost or added changes what it holds, and its salinity is its own from then on. */
export function putRightIn(state: Batch, c: Correction, moved: readonly Posting[]): Batch {
  const main = state.items[0]?.cropId;
  const came = c.vegG > 0 && main ? [{ cropId: main, g: c.vegG }] : [];
  const vapourG = c.trouble === 'evaporated' ? c.lostG : 0;
  return {
    ...withFillings(state, [c.fillingId], (f) => ({
      ...f,
      ...fuller(f, moved),
      equilibrium: c.to,
      mixed: [...(f.mixed ?? []), mixedAs(f, moved, { at: c.at, settles: c.to, came, vapourG })]
    })),
    corrections: [...state.corrections, c]
  };
}

/** Another jar of the batch: it stood where the first one did, and holds what was poured into it. */
export function decantedIn(
  state: Batch,
  { fillingId, into }: Extract<BatchEvent, { type: 'decanted' }>['data'],
  moved: readonly Posting[],
  at: WallMinute
): Batch {
  const source = state.fillings.find((f) => f.id === fillingId);
  if (!source) return state;
  const what = gained(moved, `jar:${into.id}`);
  const { equilibrium, keepsTo, mixed, starterG } = source;
  const own = {
    ...(equilibrium === undefined ? {} : { equilibrium }),
    ...(keepsTo === undefined ? {} : { keepsTo }),
    ...(mixed === undefined ? {} : { mixed }),
    ...(starterG === undefined ? {} : { starterG })
  };
  const jar: Filling = {
    ...into,
    ...own,
    full: what,
    holds: NOTHING,
    startG: 0,
    stays: [...source.stays, { placeId: placeOf(source), from: at }],
    decantedAt: at,
    emptiedAt: null
  };
  // What was done with the one, was done with what is in the other.
  const both = <T extends { readonly fillingIds: readonly string[] }>(all: readonly T[]): T[] =>
    all.map((x) => (x.fillingIds.includes(fillingId) ? { ...x, fillingIds: [...x.fillingIds, into.id] } : x));
  return {
    ...state,
    fillings: [...withFillings(state, [fillingId], (f) => lessDrawn(f, moved)).fillings, jar],
    care: both(state.care),
    tastes: both(state.tastes),
    readings: both(state.readings),
    signs: both(state.signs),
    sourings: both(state.sourings)
  };
}

/** Out of a jar, and into another one: of this batch too, or told there. */
export function passedOn(
  state: Batch,
  { fillingId, other, what, keeps, sour }: Passing,
  moved: readonly Posting[],
  at: WallMinute
): Batch {
  const less = withFillings(state, [fillingId], (f) => ({ ...f, startG: tidy(f.startG - massOf(what)) }));
  return other.batchId === state.id
    ? receivedIn(
        less,
        { fillingId: other.fillingId, what, keeps, ...(sour ? { sour } : {}), items: [] },
        moved,
        at
      )
    : less;
}

/** The sooner of two days, for both ends. */
const sooner = (a: Keeps | undefined, b: Keeps): Keeps => ({
  best: Math.min(a?.best ?? Infinity, b.best),
  latest: Math.min(a?.latest ?? Infinity, b.latest)
});

/** From another batch: it holds more, of more things, and is as salty as both together. */
export function receivedIn(
  state: Batch,
  {
    fillingId,
    what,
    keeps,
    sour,
    items
  }: Pick<Passing, 'fillingId' | 'what' | 'keeps' | 'sour'> & { readonly items: readonly BatchItem[] },
  moved: readonly Posting[],
  at: WallMinute
): Batch {
  const salt = (f: Filling): Partial<Filling> =>
    salinityOf(state, f) === null ? {} : { equilibrium: salinityIn(plus(f.holds, what)) };
  const came = items.map((i) => ({ cropId: i.cropId, g: i.preparedG }));
  const both = (f: Filling) => salinityIn(plus(f.holds, what));
  const mixed = (f: Filling): Partial<Filling> =>
    sour
      ? { mixed: [...(f.mixed ?? []), { ...mixedAs(f, moved, { at, settles: both(f), came }), sour }] }
      : {};
  const of = (f: Filling) => solidsOf(what) / Math.max(1, solidsOf(f.full));
  return {
    ...withFillings(state, [fillingId], (f) => ({
      ...f,
      ...salt(f),
      ...mixed(f),
      ...(keeps ? { keepsTo: sooner(f.keepsTo, keeps) } : {}),
      full: plus(f.full, what),
      startG: tidy(f.startG + massOf(what)),
      vegRoomMl: Math.min(f.usableMl, f.vegRoomMl * (1 + of(f)))
    })),
    // A mix is a new thing to measure: what was read of the one part says nothing of both.
    readings: state.readings.flatMap((r) => {
      const fillingIds = r.fillingIds.filter((id) => id !== fillingId);
      return fillingIds.length > 0 ? [{ ...r, fillingIds }] : [];
    }),
    // What is known to have come into one jar is none of the others'.
    items: [...state.items, ...items.map((i) => (sour ? { ...i, into: fillingId } : i))]
  };
}
