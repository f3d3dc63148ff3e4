import { addDays, type Day } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';

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
  | { readonly type: 'kept'; readonly data: Omit<KeptBrine, 'id'> }
  | { readonly type: 'used'; readonly data: { readonly ml: number; readonly batchId: string | null } };

/** The brine after one more event; `undefined` before it was kept. */
export function evolveBrine(
  id: string,
  state: KeptBrine | undefined,
  event: BrineEvent
): KeptBrine | undefined {
  if (event.type === 'kept') return { id, ...event.data };
  if (!state) return undefined;
  const ml = state.ml - event.data.ml;
  return { ...state, ml: ml < 1 ? 0 : ml };
}

/** Days a fresh brine keeps covered at room temperature, and drained brine in the cold. Common practice, no source. */
const KEEPS_DAYS = { mixed: 14, batch: 60 } as const;

/** The last day it should be used. Example: brine mixed on 1 September is to be used by the 15th. */
export const brineUseBy = (b: Pick<KeptBrine, 'day' | 'from'>): Day => addDays(b.day, KEEPS_DAYS[b.from]);

/** Whether so much may be taken of it. */
export function mayPour(b: KeptBrine, ml: number): Outcome<number> {
  if (!(ml > 0)) return refuse('weight-not-positive', { field: 'amount' });
  if (ml > b.ml + 5)
    return refuse('more-brine-than-there', { field: 'amount', values: { ml: Math.round(b.ml) } });
  return done(Math.min(ml, b.ml));
}
