import type { WallMinute } from '../calendar/index';
import type { Batch } from './batch';
import type { Filling } from './facts';
import { standing } from './jar';
import { salinityOf } from './salinity';

/** What belongs on a lid: its number, what it is, the day it was made, its salt, and what some people must not eat. */
export interface LidLabel {
  readonly fillingId: string;
  readonly lidNumber: number;
  readonly name: string;
  readonly madeAt: WallMinute;
  /** Mass fraction; null: nobody knows. */
  readonly salinity: number | null;
  /** The last time it was put right: an older label says another salt. */
  readonly putRightAt: WallMinute | null;
  readonly allergens: readonly string[];
  /** Heated by a guide: nothing lives in it. */
  readonly heatedAt: WallMinute | null;
  /** First taste, while it stands on the counter; best till, once it stands in the cold; null: not known yet. */
  readonly eatFrom: WallMinute | null;
  readonly bestTill: WallMinute | null;
}

/** What others know of a jar's days. */
export type LabelDays = (f: Filling) => Pick<LidLabel, 'eatFrom' | 'bestTill'>;

/**
 * The labels of all jars of a batch that still hold something, by lid number.
 * Example: a batch at 2.2 % whose jar 7 was put right to 2.5 % has labels that say 2.2 % but for jar 7.
 */
export function lidLabels(b: Batch, allergens: readonly string[], days: LabelDays): LidLabel[] {
  return standing(b)
    .map((f) => labelOf(b, f, allergens, days))
    .sort((x, y) => x.lidNumber - y.lidNumber);
}

/** The label of one jar, whether it stands still or not. */
export const labelOf = (b: Batch, f: Filling, allergens: readonly string[], days: LabelDays): LidLabel => ({
  fillingId: f.id,
  lidNumber: f.lidNumber,
  name: b.name,
  madeAt: b.startedAt,
  salinity: salinityOf(b, f),
  putRightAt: b.corrections.findLast((c) => c.fillingId === f.id)?.at ?? null,
  allergens,
  heatedAt: f.heated?.at ?? null,
  ...days(f)
});
