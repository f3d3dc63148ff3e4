import type { Kept, Quality } from '../produce/index';
import type { Day } from '../calendar/index';

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
export const asideG = (a: Aside): number => a.followers + a.greens + a.seed + a.offcuts;

/** What of a pick lies on one bench. */
export interface OnBench {
  readonly g: number;
  /** Weighed again, once prepared; null while not. */
  readonly prepared: Weighing | null;
}
const NOTHING_THERE: OnBench = { g: 0, prepared: null };

/** A pick as one bench sees it: `benchG` and `prepared` are of that bench. */
export interface LotOnBench extends Lot {
  readonly bench: string;
  readonly prepared: Weighing | null;
}

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
  /** On all benches together; what lies on each is in `benches`. */
  readonly benchG: number;
  readonly benches: Readonly<Record<string, OnBench>>;
  readonly packedG: number;
  readonly endedG: Readonly<Partial<Record<LotEnd, number>>>;
  /** Kept of the trim while it was sorted. */
  readonly aside: Aside;
  /** Prepared already when it came in, as off-cuts are. */
  readonly ready: boolean;
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
        /** Off which bench; null: out of the Garden. */
        readonly bench: string | null;
        readonly note: string;
      };
    }
  | {
      readonly type: 'sorted';
      readonly data: {
        readonly bench: string;
        readonly culledG: number;
        readonly aside: Aside;
        readonly prepared: Weighing | null;
      };
    }
  | { readonly type: 'takenToBench'; readonly data: { readonly bench: string; readonly g: number } }
  | { readonly type: 'putBack'; readonly data: { readonly bench: string; readonly g: number } }
  | {
      readonly type: 'prepared';
      readonly data: { readonly bench: string; readonly weighed: Weighing | null };
    }
  | {
      readonly type: 'packed';
      readonly data: {
        readonly bench: string;
        readonly g: number;
        readonly preparedG: number;
        readonly batchId: string;
      };
    };

/** The lot after one more event; `undefined` before it was picked. */
export function evolveLot(id: string, state: Lot | undefined, event: LotEvent): Lot | undefined {
  if (event.type === 'picked') return picked(id, event.data);
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
      const { bench, g } = event.data;
      const there = state.benches[bench] ?? NOTHING_THERE;
      const lies = there.g + g;
      const prepared = state.ready ? { said: `${Math.round(lies)} g`, g: lies } : there.prepared;
      return lying({ ...state, gardenG: none(state.gardenG - g) }, bench, { g: lies, prepared });
    }
    case 'putBack': {
      const { bench, g } = event.data;
      const there = state.benches[bench] ?? NOTHING_THERE;
      return lying({ ...state, gardenG: state.gardenG + g }, bench, { g: there.g - g, prepared: null });
    }
    case 'prepared': {
      const { bench, weighed } = event.data;
      return lying(state, bench, { g: state.benches[bench]?.g ?? 0, prepared: weighed });
    }
    case 'packed':
      return packed(state, event.data);
  }
}

/** A pick as it comes from the garden. */
const picked = (id: string, data: (LotEvent & { type: 'picked' })['data']): Lot => ({
  id,
  ...data,
  ...{ gardenG: data.weighed.g, benchG: 0, benches: {}, packedG: 0, endedG: {}, aside: NOTHING_ASIDE },
  ...{ ready: data.ready ?? false, corrected: false, trimmed: null }
});

/** The pick with so much of it on one bench; a bench with nothing of it is not named. */
function lying(state: Lot, bench: string, there: OnBench): Lot {
  const g = none(there.g);
  const others = Object.entries(state.benches).filter(([id]) => id !== bench);
  const benches = Object.fromEntries(g > 0 ? [...others, [bench, { ...there, g }]] : others);
  return { ...state, benches, benchG: Object.values(benches).reduce((a, b) => a + b.g, 0) };
}

/** The pick as one bench sees it. */
export function atBench(lot: Lot, bench: string): LotOnBench {
  const { g, prepared } = lot.benches[bench] ?? NOTHING_THERE;
  return { ...lot, bench, benchG: g, prepared };
}

/** What lies on one bench, in the order of picking. */
export const lyingOn = (all: readonly Lot[], bench: string): LotOnBench[] =>
  all.filter((l) => (l.benches[bench]?.g ?? 0) > 0).map((l) => atBench(l, bench));

/** Under a tenth of a gram is nothing: it comes from shares, not from a scale. */
const none = (g: number): number => (Math.abs(g) < 0.1 ? 0 : g);

function ended(state: Lot, { how, g, bench }: { how: LotEnd; g: number; bench: string | null }): Lot {
  const gone = { ...state, endedG: { ...state.endedG, [how]: (state.endedG[how] ?? 0) + g } };
  return bench === null
    ? { ...gone, gardenG: none(state.gardenG - g) }
    : lying(gone, bench, { g: (state.benches[bench]?.g ?? 0) - g, prepared: null });
}

/** Culls go to the compost, what has a use leaves the bench, what is prepared stays on it. */
function sorted(
  state: Lot,
  data: { bench: string; culledG: number; aside: Aside; prepared: Weighing | null }
): Lot {
  const { bench, culledG, aside, prepared } = data;
  const there = state.benches[bench] ?? NOTHING_THERE;
  const kept = {
    ...state,
    endedG: { ...state.endedG, composted: (state.endedG.composted ?? 0) + culledG },
    aside: {
      followers: state.aside.followers + aside.followers,
      greens: state.aside.greens + aside.greens,
      seed: state.aside.seed + aside.seed,
      offcuts: state.aside.offcuts + aside.offcuts
    }
  };
  return lying(kept, bench, { g: there.g - culledG - asideG(aside), prepared: prepared ?? there.prepared });
}

/** What the pick weighed that lies on the bench, with what was kept of its trim: trim yield is counted from it. */
export const pickedOnBench = (lot: Pick<Lot, 'benchG' | 'packedG' | 'aside'>): number =>
  lot.benchG + (lot.packedG > 0 ? 0 : asideG(lot.aside));

function packed(state: Lot, data: { bench: string; g: number; preparedG: number }): Lot {
  const there = state.benches[data.bench] ?? NOTHING_THERE;
  const restG = there.prepared ? none(there.prepared.g - data.preparedG) : 0;
  const rest = { said: `${Math.round(restG)} g`, g: restG };
  const gone = {
    ...state,
    packedG: state.packedG + data.g,
    trimmed: learntFrom(state, there.prepared, data)
  };
  return lying(gone, data.bench, {
    g: there.g - data.g,
    prepared: there.g - data.g > 0 && restG > 0 ? rest : null
  });
}

/** Only what a scale said both times is learnt from. */
function learntFrom(
  state: Lot,
  prepared: Weighing | null,
  data: { g: number; preparedG: number }
): Lot['trimmed'] {
  if (!prepared || state.ready || prepared.sd !== undefined || state.weighed.sd !== undefined)
    return state.trimmed;
  const first = state.trimmed === null;
  return {
    pickedG: (state.trimmed?.pickedG ?? 0) + data.g + (first ? asideG(state.aside) : 0),
    preparedG: (state.trimmed?.preparedG ?? 0) + data.preparedG + (first ? state.aside.offcuts : 0)
  };
}

/** Still to be dealt with, in the Garden or on the bench. */
export const isOpen = (lot: Lot): boolean => lot.gardenG > 0 || lot.benchG > 0;
