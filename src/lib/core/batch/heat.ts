import type { WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { PH_LINE } from '../safety/index';
import { jarGeometry } from '../vessel/index';
import type { BatchEvent, BatchInHand } from './batch';
import { rawFillings } from './decide';
import type { Filling } from './facts';
import type { HeatProcess } from './heat-process';
import { contentsG, leftG } from './jar';

/** A jar of the guide's size may hold so much more to its brim. Our judgement: a pint to the brim is a pint and a little. */
const BRIM = 1.12;

/** Whether a jar was read sour enough, the last time its pH was read. */
export function readSour({ readings }: Pick<BatchInHand, 'readings'>, fillingId: string): boolean {
  const last = readings.findLast((r) => r.fillingIds.includes(fillingId));
  return last !== undefined && last.pH <= PH_LINE;
}

/**
 * Jars heated by a process of a tested guide, onto the pantry shelf. Refuses a process that is not whole, a jar larger than its
 * row, a jar that was opened, one whose last pH was not read at or under 4.6, and every place but a pantry.
 */
export function heated(
  b: BatchInHand,
  fillingIds: readonly string[],
  process: HeatProcess,
  to: Place
): Outcome<BatchEvent> {
  const jars = rawFillings(b, fillingIds);
  if (!jars.ok) return jars;
  if (to.kind !== 'pantry') return refuse('pantry-wanted', { field: 'placeId', values: { place: to.name } });
  for (const f of jars.value) {
    const { lidNumber } = f;
    if (leftG(f) < contentsG(f) - 1)
      return refuse('jar-opened', { field: 'fillingIds', values: { lidNumber } });
    if (!readSour(b, f.id)) return refuse('sour-first', { field: 'fillingIds', values: { lidNumber } });
    const ml = jarGeometry(f.geometryId)?.brimMl ?? f.usableMl;
    if (ml > process.jarMl * BRIM)
      return refuse('process-jar', { field: 'jarSize', values: { lidNumber, ml, jarMl: process.jarMl } });
  }
  return done({ type: 'heated', data: { fillingIds: jars.value.map((f) => f.id), placeId: to.id, process } });
}

/** Quality of a heated jar: best within a year. Extension usage, recalled from memory; the half-year after it is our judgement. */
export const HEATED_MONTHS = { from: 12, to: 18 } as const;

/** A jar after it: onto its shelf, its culture gone. */
export function heatedIn(
  f: Filling,
  { process, placeId }: { readonly process: HeatProcess; readonly placeId: string },
  at: WallMinute
): Filling {
  const { waitsFor: _, ...rest } = f;
  return { ...rest, heated: { ...process, at }, stays: [...f.stays, { placeId, from: at }] };
}

/** An opened jar in the cold, heated or not, is best for so many days, and at the longest. Common practice, no source. */
export const OPENED_DAYS = { best: 28, latest: 56 } as const;

/** A heated jar of which something was taken. */
export const openedBy = (f: Filling, at: WallMinute): Filling =>
  f.heated && f.heated.openedAt === undefined ? { ...f, heated: { ...f.heated, openedAt: at } } : f;
