import { standing, type BatchInHand, type Condemned, type Filling } from '../batch/index';
import { MINUTES_PER_DAY, minuteOfDay, type WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { isDiscard, PH_LINE } from '../safety/index';
import { jarCase } from './jar-case';
import { pHLineDay } from './slots';

/** A jar that is to be thrown away, until it is, or until what says so is corrected. */
export interface Verdict {
  readonly batchId: string;
  readonly fillingId: string;
  readonly lidNumber: number;
  /** The reading or the sign that says so, by its entry. */
  readonly of: string;
  readonly by: Condemned;
}

const dayOf = (b: BatchInHand, at: WallMinute): number => {
  const midnight = (t: WallMinute) => (t - minuteOfDay(t)) / MINUTES_PER_DAY;
  return midnight(at) - midnight(b.startedAt);
};

/**
 * What says that a jar is to be thrown away: a pH over 4.6 read on the style's day or later, or a sign of spoiling. A later,
 * lower reading does not take it back: what was not sour by its day had its chance to spoil.
 */
export function verdictOn(b: BatchInHand, f: Filling, places: readonly Place[]): Verdict | null {
  const base = { batchId: b.id, fillingId: f.id, lidNumber: f.lidNumber };
  const seen = b.signs.find((s) => s.fillingIds.includes(f.id) && isDiscard(s.sign));
  if (seen) return { ...base, of: seen.id, by: { kind: 'sign', sign: seen.sign } };
  const c = jarCase(b, f, places);
  if (!c) return null;
  const lineDay = pHLineDay(c.style, c.tempC);
  const high = b.readings.find(
    (r) => r.fillingIds.includes(f.id) && r.pH > PH_LINE && dayOf(b, r.at) >= lineDay
  );
  return high
    ? { ...base, of: high.id, by: { kind: 'pH', pH: high.pH, day: dayOf(b, high.at), lineDay } }
    : null;
}

/** Every standing jar of a batch that is to be thrown away. */
export const verdictsOf = (b: BatchInHand, places: readonly Place[]): Verdict[] =>
  standing(b).flatMap((f) => verdictOn(b, f, places) ?? []);
