import type { Kept, Quality } from '../produce/index';
import { learn, PIECE_BATCH_SD, TRIM_BATCH_SD, type Learned } from '../learn/index';
import { crop, keepsRaw, meanPiece, trimKey } from '../produce/index';
import { relativeSd } from '../quantity/index';
import { addDays, daysBetween, type Day } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';

/** A lot: one weighing of one variety from one bed on one day; and where every gram of it went. */
export type LotEnd = 'eaten fresh' | 'cooked' | 'given' | 'composted' | 'spoiled';
export const LOT_ENDS: readonly LotEnd[] = ['eaten fresh', 'cooked', 'given', 'composted', 'spoiled'];

export interface Weighing {
  /** As typed: the net weight, or gross and tare. */
  readonly said: string;
  readonly g: number;
  /** Counted, not weighed: its spread, g, one sd. */
  readonly sd?: number;
  /** Counted beside being weighed: the household's own piece weight learns from it. */
  readonly pieces?: number;
}

/** What trimming leaves that has a use of its own, g. Off-cuts become a pick of their own, for their own jar. */
export interface Aside {
  readonly followers: number;
  readonly greens: number;
  readonly seed: number;
  readonly offcuts: number;
}
const NOTHING_ASIDE: Aside = { followers: 0, greens: 0, seed: 0, offcuts: 0 };
const asideG = (a: Aside): number => a.followers + a.greens + a.seed + a.offcuts;

export interface Lot {
  readonly id: string;
  readonly cropId: string;
  readonly variety: string;
  readonly bed: string;
  readonly day: Day;
  readonly weighed: Weighing;
  readonly withTops: boolean;
  readonly quality: Quality;
  readonly kept: Kept;
  readonly note: string;
  /** g of the pick, by where they are; they add up to what was weighed in. */
  readonly gardenG: number;
  readonly benchG: number;
  readonly packedG: number;
  readonly endedG: Readonly<Partial<Record<LotEnd, number>>>;
  /** Kept of the trim while it was sorted. */
  readonly aside: Aside;
  /** Prepared already when it came in, as off-cuts are. */
  readonly ready: boolean;
  /** Weighed again on the bench, once prepared; null while not. */
  readonly prepared: Weighing | null;
  readonly corrected: boolean;
  /** What was packed after it was weighed prepared: the trim yield learns from it. */
  readonly trimmed: { readonly pickedG: number; readonly preparedG: number } | null;
}

type Picked = Pick<
  Lot,
  'cropId' | 'variety' | 'bed' | 'day' | 'weighed' | 'withTops' | 'quality' | 'kept' | 'note'
> & { readonly ready?: boolean };

export type LotEvent =
  | { readonly type: 'picked'; readonly data: Picked }
  | { readonly type: 'corrected'; readonly data: { readonly weighed: Weighing; readonly note: string } }
  | {
      readonly type: 'ended';
      readonly data: {
        readonly how: LotEnd;
        readonly g: number;
        readonly from: 'garden' | 'bench';
        readonly note: string;
      };
    }
  | {
      readonly type: 'sorted';
      readonly data: { readonly culledG: number; readonly aside: Aside; readonly prepared: Weighing | null };
    }
  | { readonly type: 'takenToBench'; readonly data: { readonly g: number } }
  | { readonly type: 'putBack'; readonly data: { readonly g: number } }
  | { readonly type: 'prepared'; readonly data: { readonly weighed: Weighing | null } }
  | {
      readonly type: 'packed';
      readonly data: { readonly g: number; readonly preparedG: number; readonly batchId: string };
    };

/** The lot after one more event; `undefined` before it was picked. */
export function evolveLot(id: string, state: Lot | undefined, event: LotEvent): Lot | undefined {
  if (event.type === 'picked')
    return {
      id,
      ...event.data,
      gardenG: event.data.weighed.g,
      benchG: 0,
      packedG: 0,
      endedG: {},
      aside: NOTHING_ASIDE,
      ready: event.data.ready ?? false,
      prepared: null,
      corrected: false,
      trimmed: null
    };
  if (!state) return undefined;
  switch (event.type) {
    case 'corrected':
      return {
        ...state,
        gardenG: state.gardenG + event.data.weighed.g - state.weighed.g,
        weighed: event.data.weighed,
        corrected: true
      };
    case 'ended':
      return ended(state, event.data);
    case 'sorted':
      return sorted(state, event.data);
    case 'takenToBench': {
      const benchG = state.benchG + event.data.g;
      const prepared = state.ready ? { said: `${Math.round(benchG)} g`, g: benchG } : state.prepared;
      return { ...state, gardenG: none(state.gardenG - event.data.g), benchG, prepared };
    }
    case 'putBack':
      return {
        ...state,
        gardenG: state.gardenG + event.data.g,
        benchG: none(state.benchG - event.data.g),
        prepared: null
      };
    case 'prepared':
      return { ...state, prepared: event.data.weighed };
    case 'packed':
      return packed(state, event.data);
  }
}

/** Under a tenth of a gram is nothing: it comes from shares, not from a scale. */
const none = (g: number): number => (Math.abs(g) < 0.1 ? 0 : g);

function ended(state: Lot, data: { how: LotEnd; g: number; from: 'garden' | 'bench' }): Lot {
  const bench = data.from === 'bench';
  const benchG = bench ? none(state.benchG - data.g) : state.benchG;
  return {
    ...state,
    gardenG: bench ? state.gardenG : none(state.gardenG - data.g),
    benchG,
    prepared: bench ? null : state.prepared,
    endedG: { ...state.endedG, [data.how]: (state.endedG[data.how] ?? 0) + data.g }
  };
}

/** Culls go to the compost, what has a use leaves the bench, what is prepared stays on it. */
function sorted(state: Lot, data: { culledG: number; aside: Aside; prepared: Weighing | null }): Lot {
  const { culledG, aside, prepared } = data;
  return {
    ...state,
    benchG: none(state.benchG - culledG - asideG(aside)),
    endedG: { ...state.endedG, composted: (state.endedG.composted ?? 0) + culledG },
    aside: {
      followers: state.aside.followers + aside.followers,
      greens: state.aside.greens + aside.greens,
      seed: state.aside.seed + aside.seed,
      offcuts: state.aside.offcuts + aside.offcuts
    },
    prepared: prepared ?? state.prepared
  };
}

/** What the pick weighed that lies on the bench, with what was kept of its trim: trim yield is counted from it. */
export const pickedOnBench = (lot: Lot): number => lot.benchG + (lot.packedG > 0 ? 0 : asideG(lot.aside));

function packed(state: Lot, data: { g: number; preparedG: number }): Lot {
  const benchG = none(state.benchG - data.g);
  const restG = state.prepared ? none(state.prepared.g - data.preparedG) : 0;
  return {
    ...state,
    benchG,
    packedG: state.packedG + data.g,
    trimmed: learntFrom(state, data),
    prepared: benchG > 0 && restG > 0 ? { said: `${Math.round(restG)} g`, g: restG } : null
  };
}

/** Only what a scale said both times is learnt from. */
function learntFrom(state: Lot, data: { g: number; preparedG: number }): Lot['trimmed'] {
  if (!state.prepared || state.ready || state.prepared.sd !== undefined || state.weighed.sd !== undefined)
    return state.trimmed;
  const first = state.trimmed === null;
  return {
    pickedG: (state.trimmed?.pickedG ?? 0) + data.g + (first ? asideG(state.aside) : 0),
    preparedG: (state.trimmed?.preparedG ?? 0) + data.preparedG + (first ? state.aside.offcuts : 0)
  };
}

/** Still to be dealt with, in the Garden or on the bench. */
export const isOpen = (lot: Lot): boolean => lot.gardenG > 0 || lot.benchG > 0;

/**
 * The last day it should be used raw, and the days left from `today` (negative: over).
 * Example: gherkins picked on the 10th and kept at 20 °C are to be used by the 14th.
 */
export function rawLife(lot: Lot, today: Day): { useBy: Day; daysLeft: number } {
  const c = crop(lot.cropId);
  const useBy = addDays(lot.day, c ? keepsRaw(c, lot.kept, lot.quality) : 0);
  return { useBy, daysLeft: daysBetween(today, useBy) };
}

/** Whether so many grams may leave the Garden or the bench. */
export function mayTake(lot: Lot, g: number, from: 'garden' | 'bench'): Outcome<number> {
  const there = from === 'garden' ? lot.gardenG : lot.benchG;
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g > there + 0.5)
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: there } });
  return done(Math.min(g, there));
}

/** Whether a pick on the bench may be sorted so: what leaves it and what is prepared add up to no more than it is. */
export function maySort(lot: Lot, culledG: number, aside: Aside, preparedG: number): Outcome<number> {
  const outG = culledG + asideG(aside);
  // Washing leaves some water on: a twentieth.
  if (outG + preparedG > lot.benchG * 1.05 + 5)
    return refuse('sorted-too-much', {
      field: 'prepared',
      values: { saidG: outG + preparedG, thereG: lot.benchG }
    });
  return done(outG);
}

/** Whether the weigh-in may be corrected to so much: never below what has already left the Garden. */
export function mayCorrect(lot: Lot, g: number): Outcome<number> {
  const gone = lot.weighed.g - lot.gardenG;
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g < gone - 0.5) return refuse('less-than-used', { field: 'weight', values: { saidG: g, goneG: gone } });
  return done(g);
}

/** What one pick teaches: its trim yield once packed, its mean piece once counted and weighed. */
export interface TaughtByPick {
  readonly day: Day;
  readonly trim: { readonly key: string; readonly yield: number } | null;
  /** The usable part of a mean piece, g. */
  readonly piece: { readonly cropId: string; readonly g: number } | null;
}

/** Nothing for most picks. Example: 2 kg in 7 pieces teach a piece of 286 g times the trim. */
export function taughtByPick(lot: Lot): TaughtByPick[] {
  const c = crop(lot.cropId);
  if (!c) return [];
  const { pieces, g } = lot.weighed;
  const { trimmed } = lot;
  const usable = lot.withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
  const trim =
    trimmed && trimmed.pickedG > 0
      ? { key: trimKey(c.id, lot.withTops), yield: trimmed.preparedG / trimmed.pickedG }
      : null;
  const piece = pieces ? { cropId: c.id, g: (g * usable) / pieces } : null;
  return trim || piece ? [{ day: lot.day, trim, piece }] : [];
}

/** What was measured of each key, in order. */
function byKey(all: readonly (readonly [key: string, value: number])[]): Map<string, number[]> {
  const out = new Map<string, number[]>();
  for (const [key, value] of all) {
    const known = out.get(key);
    if (known) known.push(value);
    else out.set(key, [value]);
  }
  return out;
}

/**
 * The household's trim yields from what it packed, by `trimKey`; picks up to a reset day are left out.
 * Example: with six packed picks of cabbage at 0.72 the yield moves from 0.80 to about 0.73.
 */
export function learntTrims(
  picks: readonly TaughtByPick[],
  resets: Readonly<Record<string, Day>>
): Record<string, Learned> {
  const seen = byKey(
    picks.flatMap(({ day, trim }) =>
      trim && day > (resets[`trim:${trim.key}`] ?? '') ? [[trim.key, trim.yield] as const] : []
    )
  );
  const out: Record<string, Learned> = {};
  for (const [key, yields] of seen) {
    const [cropId = '', tops] = key.split('+');
    const c = crop(cropId);
    if (!c) continue;
    const mean = tops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
    out[key] = learn({ mean, sd: c.trimSd, scale: 'logit' }, yields, TRIM_BATCH_SD);
  }
  return out;
}

/** The household's own piece weights of the usable part, from picks both counted and weighed. */
export function learntPieces(
  picks: readonly TaughtByPick[],
  resets: Readonly<Record<string, Day>>
): Record<string, Learned> {
  const seen = byKey(
    picks.flatMap(({ day, piece }) =>
      piece && day > (resets[`piece:${piece.cropId}`] ?? '') ? [[piece.cropId, piece.g] as const] : []
    )
  );
  const out: Record<string, Learned> = {};
  for (const [id, weights] of seen) {
    const c = crop(id);
    if (!c) continue;
    const mean = meanPiece(c);
    const taught = weights.filter((w) => !alone(w, weights, mean, c.pieceGsd));
    out[id] = learn({ mean, sd: mean * relativeSd(c.pieceGsd), scale: 'log' }, taught, PIECE_BATCH_SD);
  }
  return out;
}

/** Further from the table than this, in spreads of the piece, a mean weight is odd. Common practice, no source. */
const ODD = 2;
/** One odd entry teaches nothing: it counts once another comes near it. */
function alone(w: number, all: readonly number[], mean: number, gsd: number): boolean {
  if (Math.abs(Math.log(w / mean)) < ODD * Math.log(gsd)) return false;
  return all.filter((o) => Math.abs(Math.log(o / w)) < Math.log(1.5)).length < 2;
}
