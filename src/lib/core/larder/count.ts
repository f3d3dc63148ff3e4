import {
  atTable,
  leftG,
  move,
  placeOf,
  portion,
  stockG,
  fullStockG,
  standing,
  type Batch,
  type BatchEvent,
  type Filling,
  type PortionHow
} from '../batch/index';
import { verdictOn, type CareRound } from '../care/index';
import type { Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { quartersLeft } from './larder';

/** A jar as one looks for it on a shelf. */
export interface JarOnShelf {
  readonly batchId: string;
  readonly fillingId: string;
  readonly lidNumber: number;
  readonly name: string;
  readonly jarName: string;
  readonly placeId: string;
  /** Quarters that are written of it. */
  readonly quarters: number;
  readonly condemned: boolean;
}

/** A place to count through: what should stand there, and what stands elsewhere. */
export interface ShelfToCount {
  readonly place: Place;
  readonly jars: readonly JarOnShelf[];
  readonly elsewhere: readonly JarOnShelf[];
}

/** A jar as it is found when a shelf is counted through. */
export interface JarCounted {
  readonly fillingId: string;
  /** Quarters that are in it; null: as it is written, 0: it is not there. */
  readonly quarters: number | null;
  /** Where the difference went. */
  readonly how: PortionHow;
}

/** What a count of a shelf comes to. */
export interface ShelfCounted {
  readonly events: readonly { readonly batchId: string; readonly event: BatchEvent }[];
  readonly jars: number;
  /** Jars that were not as they are written. */
  readonly off: number;
}

/** Jars that stand at a place, of all batches. */
const jarsAt = (batches: readonly Batch[], placeId: string) =>
  batches.flatMap((b) => standing(b).flatMap((f) => (placeOf(f) === placeId ? [{ b, f }] : [])));

/**
 * A shelf counted through: every jar of it is said, and what differs from what is written is booked as eaten, given or thrown,
 * with its reason; jars that stand here though they are written elsewhere come here. Refuses a count in which a jar is
 * missing, and one that finds more in a jar than is written. What somebody emptied meanwhile is left out.
 */
export function shelfCounted(
  batches: readonly Batch[],
  place: Place,
  said: {
    readonly jars: readonly JarCounted[];
    readonly alsoHere: readonly string[];
    readonly reason: string;
  },
  around: CareRound
): Outcome<ShelfCounted> {
  const here = jarsAt(batches, place.id);
  // What another hand has brought here meanwhile is found, not missed.
  const isSaid = (id: string) => said.jars.some((j) => j.fillingId === id) || said.alsoHere.includes(id);
  const left = here.filter(({ f }) => !isSaid(f.id));
  if (left.length > 0)
    return refuse('shelf-half-counted', {
      field: 'jars',
      values: { lids: left.map(({ f }) => f.lidNumber).join(', ') }
    });
  const events: { batchId: string; event: BatchEvent }[] = [];
  for (const { b, f } of here) {
    const found = said.jars.find((j) => j.fillingId === f.id);
    if (!found) continue;
    const differs = differenceOf(b, f, found, said.reason, around);
    if (!differs.ok) return differs;
    if (differs.value) events.push({ batchId: b.id, event: differs.value });
  }
  const brought = [...new Set(said.alsoHere)].filter((id) => !here.some(({ f }) => f.id === id));
  for (const id of brought) {
    const b = batches.find((x) => standing(x).some((f) => f.id === id));
    const moved = b ? move(b, [id], place) : refuse('jar-unknown', { field: 'alsoHere' });
    if (!moved.ok) return { ok: false, refusal: { ...moved.refusal, field: 'alsoHere' } };
    events.push({ batchId: b!.id, event: moved.value });
  }
  return done({ events, jars: here.length + brought.length, off: events.length });
}

/** What of a jar is booked, so that it is written as it was found; null: it is as it is written. */
function differenceOf(
  b: Batch,
  f: Filling,
  { quarters, how: said }: JarCounted,
  reason: string,
  { places }: CareRound
): Outcome<BatchEvent | null> {
  const written = quartersLeft(f);
  if (quarters === null || quarters === written) return done(null);
  if (quarters > written)
    return refuse('more-than-written', {
      field: 'jars',
      values: { lidNumber: f.lidNumber, quarters: written }
    });
  const because = verdictOn(b, f, places)?.by;
  const how = because ? 'thrown' : said;
  const g =
    quarters === 0 ? (atTable(how) ? stockG(f) : leftG(f)) : stockG(f) - (quarters / 4) * fullStockG(f);
  return portion(b, f.id, how, g, reason === '' ? NOT_NOTED : reason, because);
}

/** Why something is gone that nobody wrote down. */
export const NOT_NOTED = 'not noted at the time';
