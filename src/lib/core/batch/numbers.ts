import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';

/** A lid number rests so long after its jar was emptied, so that no old lid is taken for a new one. */
export const LID_REST_DAYS = 90;

export interface NumberUse {
  readonly lidNumber: number;
  readonly emptiedAt: WallMinute | null;
}

/**
 * The smallest lid numbers that no jar carries and none carried in the last 90 days.
 * Example: with 1 in use and 2 emptied yesterday, the next two are `[3, 4]`.
 */
export function nextLidNumbers(count: number, used: readonly NumberUse[], now: WallMinute): number[] {
  const resting = (u: NumberUse) =>
    u.emptiedAt === null || now - u.emptiedAt < LID_REST_DAYS * MINUTES_PER_DAY;
  const taken = new Set(used.filter(resting).map((u) => u.lidNumber));
  const out: number[] = [];
  for (let n = 1; out.length < count; n++) if (!taken.has(n)) out.push(n);
  return out;
}
