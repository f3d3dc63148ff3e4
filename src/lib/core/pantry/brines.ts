import { addDays, daysBetween, type Day } from '../calendar/index';
import { moving, plus, some, type Contents, type Part, type Posting } from '../contents/index';
import { as } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { brineOf } from '../salt/index';

/** Brine kept: made ahead, or left over from mixing or from a batch. */
export interface KeptBrine {
  readonly id: string;
  readonly name: string;
  readonly day: Day;
  /** Where it comes from: mixed fresh, or a batch that it was drained from. */
  readonly from: 'mixed' | 'batch';
  readonly batchId: string | null;
  /** True strength, mass fraction. */
  readonly strength: number;
  readonly ml: number;
}

export type BrineEvent =
  | { readonly type: 'kept'; readonly data: Omit<KeptBrine, 'id'> & { readonly parts: readonly Part[] } }
  | {
      readonly type: 'used';
      readonly data: {
        readonly ml: number;
        /** The batch whose brine it went into; null: for something else, or poured away. */
        readonly batchId: string | null;
        /** What of it was left in the batch's jug, and not kept. */
        readonly away: Contents;
      };
    };

/** The brine after one more event; `undefined` before it was kept. */
export function evolveBrine(
  id: string,
  state: KeptBrine | undefined,
  event: BrineEvent
): KeptBrine | undefined {
  if (event.type === 'kept') {
    const { parts: _, ...kept } = event.data;
    return { id, ...kept };
  }
  if (!state) return undefined;
  const ml = state.ml - event.data.ml;
  return { ...state, ml: ml < 1 ? 0 : ml };
}

/** Brine is measured at so many °C. */
export const MEASURED_C = 20;

/** Salt and water of so many ml of it. */
export function brineHolds(ml: number, strength: number): Contents {
  const made = brineOf(ml, as.trueStrength(strength), MEASURED_C);
  return some({ brineG: made.waterG, saltG: made.naclG });
}

/**
 * What an event moves, each amount with its two sides. What a jar gave is said by that jar (`drained`), and what went into
 * jars by their start; what would be left under a millilitre goes with the rest.
 */
export function brinePostings(
  id: string,
  before: Pick<KeptBrine, 'ml' | 'strength'> | undefined,
  event: BrineEvent
): Posting[] {
  const it = `brine:${id}` as const;
  if (event.type === 'kept') return moving(event.data.parts.map((p) => ({ ...p, to: it })));
  if (!before) return [];
  const { ml, batchId, away } = event.data;
  const rest = before.ml - ml < 1 ? before.ml - ml : 0;
  const gone = plus(brineHolds(rest, before.strength), batchId ? away : brineHolds(ml, before.strength));
  return moving([{ from: it, to: 'drawn', what: gone }]);
}

/** Days a fresh brine keeps covered at room temperature, and drained brine in the cold. Common practice, no source. */
const KEEPS_DAYS = { mixed: 14, batch: 60 } as const;

/** The last day it should be used. Example: brine mixed on 1 September is to be used by the 15th. */
export const brineUseBy = (b: Pick<KeptBrine, 'day' | 'from'>): Day => addDays(b.day, KEEPS_DAYS[b.from]);

/** What is known of the batch that a brine was drained from. */
export interface BrineOrigin {
  readonly name: string;
  /** Nothing of that batch was ever to be thrown away. */
  readonly sound: boolean;
  /** The last pH that was read of it till then; null: none was. */
  readonly pH: number | null;
}
/** A kept brine with its batch; null: mixed fresh; absent: nobody looked. */
export interface KnownBrine extends KeptBrine {
  readonly origin?: BrineOrigin | null;
}

/** What a brine may serve for. */
export type BrineUse = 'starter' | 'soup' | 'dressing' | 'drink' | 'brine' | 'away';

/** A starter is lively for a month; its flora halves with each. Common practice, no source. */
const LIVELY_DAYS = 30;
/** Read at or under this it sours what it is poured into. Common practice, no source. */
const SOUR_PH = 4.2;

/**
 * What a kept brine serves for, best first: a starter only from a sound batch, read sour, and while it lives; in the kitchen
 * while it keeps; mixed brine for the next jar. Too old, or of a batch that was thrown away: away with it.
 * Example: brine off a sound kraut, read at 3.5 three days ago, is a starter, a soup, a dressing, a drink.
 */
export function brineServes(b: KnownBrine, today: Day): readonly BrineUse[] {
  if (brineUseBy(b) < today) return ['away'];
  if (b.from === 'mixed') return ['brine'];
  if (b.origin && !b.origin.sound) return ['away'];
  const sour = (b.origin?.pH ?? Infinity) <= SOUR_PH;
  const lively = daysBetween(b.day, today) <= LIVELY_DAYS;
  return [...(sour && lively ? (['starter'] as const) : []), 'soup', 'dressing', 'drink'];
}

/** Whether so much may be taken of it. */
export function mayPour(b: KeptBrine, ml: number): Outcome<number> {
  if (!(ml > 0)) return refuse('weight-not-positive', { field: 'amount' });
  if (ml > b.ml + 5)
    return refuse('more-brine-than-there', { field: 'amount', values: { ml: Math.round(b.ml) } });
  return done(Math.min(ml, b.ml));
}
