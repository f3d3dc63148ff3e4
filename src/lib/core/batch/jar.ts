import { gained, massOf, piecesOf, plus, type Contents, type Posting } from '../contents/index';
import type { WallMinute } from '../calendar/index';
import type { Batch } from './batch';
import type { Filling } from './facts';

/** What is left in a jar, g. */
export const leftG = (f: Pick<Filling, 'holds'>): number => massOf(f.holds);

/** What a jar holds as long as nothing is taken of it, g. */
export const contentsG = (f: Pick<Filling, 'full'>): number => massOf(f.full);

/** How much of a jar is still in, 0-1. */
export const shareLeft = (f: Pick<Filling, 'full' | 'holds'>): number =>
  contentsG(f) > 0 ? leftG(f) / contentsG(f) : 0;

/** So much of a jar is poured brine where its pieces swim, and not the juice of shreds topped up. Our judgement. */
const SWIMS = 0.15;

/** Whether its pieces are eaten out of brine, which stays in the jar. A blended sauce is eaten with it. */
export const inBrine = (f: Pick<Filling, 'full' | 'finished'>): boolean =>
  !f.finished && f.full.brineG > SWIMS * massOf(f.full);

/** What of a jar is food on a plate, g: its pieces where they swim in brine, else all of it. */
export const stockG = (f: Pick<Filling, 'full' | 'holds' | 'finished'>): number =>
  massOf(inBrine(f) ? piecesOf(f.holds) : f.holds);

/** The same of a full jar, g. */
export const fullStockG = (f: Pick<Filling, 'full' | 'finished'>): number =>
  massOf(inBrine(f) ? piecesOf(f.full) : f.full);

/** So much of the vegetables' own juice comes out of salted flesh at most. Common practice, no source. */
const FREE_JUICE = 0.5;

/** Liquid that can run off at most, g: what was poured, its salt, and half of the juice. */
export const freeLiquidG = (c: Contents): number => c.brineG + c.juiceG * FREE_JUICE + c.saltG;

/** Where a jar stands now. */
export const placeOf = (f: Filling): string => f.stays[f.stays.length - 1]?.placeId ?? '';

/** Jars that still hold something. */
export const standing = (b: Pick<Batch, 'fillings'>): Filling[] =>
  b.fillings.filter((f) => f.emptiedAt === null);

/** A batch lives while one of its jars holds something. */
export const isLive = (b: Pick<Batch, 'fillings'>): boolean => b.fillings.some((f) => f.emptiedAt === null);

/** Under a gram in a jar is an empty jar. */
export const EMPTY_G = 1;

/** Jars after what moved into and out of them; one with nothing left in it is empty from then on. */
export function afterPostings(
  fillings: readonly Filling[],
  postings: readonly Posting[],
  at: WallMinute
): Filling[] {
  if (postings.length === 0) return [...fillings];
  return fillings.map((f) => {
    const came = gained(postings, `jar:${f.id}`);
    if (Object.values(came).every((g: number) => g === 0)) return f;
    const holds = plus(f.holds, came);
    return { ...f, holds, emptiedAt: massOf(holds) < EMPTY_G ? (f.emptiedAt ?? at) : null };
  });
}
