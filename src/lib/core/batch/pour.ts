import { solidsOf, type Contents } from '../contents/index';
import { as } from '../quantity/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { brineDensity } from '../salt/index';
import type { Batch, BatchEvent, Passing } from './batch';
import { rawFillings } from './decide';
import type { BatchItem, Filling, Keeps, NewFilling } from './facts';
import { contentsG, freeLiquidG, fullStockG, inBrine, leftG, stockG } from './jar';
import type { Sour } from './mixed';
import { takenFrom } from './moved';

/** What a ferment weighs, g a ml: pieces under brine, or shreds in their juice. Common practice, no source. */
const G_PER_ML = 1;

/** A weight to pour as it is typed, g; nothing typed, null: all there is. */
export function weightToPour(said: string, ways: Ways): Outcome<number | null> {
  const read = said === '' ? done(null) : readWeight(said, 'weight', ways, bareMass(ways));
  return read.ok ? done(read.value && read.value.g) : read;
}

/** One jar of a batch that holds something. */
function jarOf(b: Batch, fillingId: string): Outcome<Filling> {
  const jars = rawFillings(b, [fillingId]);
  if (!jars.ok) return jars;
  return jars.value[0] ? done(jars.value[0]) : refuse('jar-unknown', { field: 'fillingId' });
}

/** So much of a jar as is wanted, or all of it; refuses more than is left. */
function wanted(f: Filling, g: number | null): Outcome<number> {
  const thereG = leftG(f);
  if (g === null) return done(thereG);
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  return g > thereG + 0.5
    ? refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG } })
    : done(Math.min(g, thereG));
}

function fits(g: number, roomG: number): Outcome<null> {
  return g > roomG + 0.5
    ? refuse('more-than-jar-takes', { field: 'weight', values: { roomG: Math.max(0, roomG), saidG: g } })
    : done(null);
}

/** Pieces are covered where they take no more than so much of a jar. Common practice, no source. */
const COVERED = 0.75;

/** Whether its pieces go into so much room with enough of their brine, though not with all of it. */
const swimsIn = (f: Filling, roomG: number): boolean =>
  inBrine(f) && leftG(f) > roomG && stockG(f) > 0 && stockG(f) <= COVERED * roomG;

/** A free jar that something is decanted into. */
export type SmallerJar = Omit<NewFilling, 'parts' | 'startG' | 'vegRoomMl'>;

/**
 * A jar decanted into another one, so that less air stands over it; `g` null: all that is left. The new jar goes on where the
 * old one stood, as salty and as old; pieces that swim take only as much brine as fits. Refuses more than there is, and more
 * than fits.
 */
export function decant(b: Batch, fillingId: string, into: SmallerJar, g: number | null): Outcome<BatchEvent> {
  const from = jarOf(b, fillingId);
  if (!from.ok) return from;
  const roomG = into.usableMl * G_PER_ML;
  if (g === null && swimsIn(from.value, roomG)) {
    const vegRoomMl = Math.min(into.usableMl, from.value.vegRoomMl);
    return done({
      type: 'decanted',
      data: { fillingId, g: roomG, pieces: true, into: { ...into, vegRoomMl } }
    });
  }
  const much = wanted(from.value, g);
  if (!much.ok) return much;
  const room = fits(much.value, roomG);
  if (!room.ok) return room;
  const share = much.value / contentsG(from.value);
  const vegRoomMl = Math.min(into.usableMl, from.value.vegRoomMl * share);
  return done({ type: 'decanted', data: { fillingId, g: much.value, into: { ...into, vegRoomMl } } });
}

/** A jar filled over this share is full enough. Our judgement. */
const FULL_ENOUGH = 0.6;
/** A smaller jar is worth washing where it is smaller by so much. Our judgement. */
const SMALLER = 0.8;

/**
 * The smaller free jar that what is left of a jar goes into, so that less air stands over it; null: it is full enough, or
 * none fits. Example: 380 g left in a jar of 930 ml goes into a free one of 400 ml.
 * @param sizes smallest first
 */
export function smallerJar<S extends { readonly usableMl: number; readonly free: number }>(
  f: Filling,
  sizes: readonly S[]
): S | null {
  const there = inBrine(f) ? stockG(f) / fullStockG(f) : leftG(f) / (f.usableMl * G_PER_ML);
  if (f.emptiedAt !== null || there > FULL_ENOUGH) return null;
  const fit = sizes.find(
    (s) => s.free > 0 && (s.usableMl * G_PER_ML >= leftG(f) || swimsIn(f, s.usableMl * G_PER_ML))
  );
  return fit && fit.usableMl <= SMALLER * f.usableMl ? fit : null;
}

/** What each batch is told of what was poured from one into the other. */
export interface Poured {
  readonly passedOn: BatchEvent;
  /** Nothing where both jars are of one batch: that is told once. */
  readonly received: BatchEvent | null;
}

/**
 * A jar poured into another, of the same batch or of another: `g` null: all that is left. What it was made of goes with it by
 * weight; the mix keeps no longer than the one that keeps less: `keeps` is till when what is poured would have, `sour` how far it has come; null: nobody knows. Refuses a jar into itself, more than there is, and more than fits.
 */
export function pourInto(
  from: { readonly b: Batch; readonly fillingId: string },
  to: { readonly b: Batch; readonly fillingId: string },
  g: number | null,
  { keeps, sour }: { readonly keeps: Keeps | null; readonly sour: Sour | null }
): Outcome<Poured> {
  if (from.fillingId === to.fillingId) return refuse('into-itself', { field: 'intoFillingId' });
  const source = jarOf(from.b, from.fillingId);
  if (!source.ok) return source;
  const target = jarOf(to.b, to.fillingId);
  if (!target.ok) return { ok: false, refusal: { ...target.refusal, field: 'intoFillingId' } };
  const much = wanted(source.value, g);
  if (!much.ok) return much;
  const room = fits(much.value, target.value.usableMl * G_PER_ML - leftG(target.value));
  if (!room.ok) return room;
  const what = takenFrom(source.value.holds, much.value);
  const passed = (fillingId: string, batchId: string, other: string): Passing => ({
    fillingId,
    other: { batchId, fillingId: other },
    what,
    keeps,
    ...(sour ? { sour } : {})
  });
  return done({
    passedOn: { type: 'passedOn', data: passed(from.fillingId, to.b.id, to.fillingId) },
    received:
      from.b.id === to.b.id
        ? null
        : {
            type: 'received',
            data: {
              ...passed(to.fillingId, from.b.id, from.fillingId),
              items: itemsIn(from.b, what)
            }
          }
  });
}

/** What a part of a jar was made of, by weight. */
function itemsIn(b: Batch, what: Contents): BatchItem[] {
  const all = b.items.reduce((a, i) => a + i.preparedG, 0);
  const share = all > 0 ? solidsOf(what) / all : 0;
  return b.items.map((i) => ({ ...i, preparedG: i.preparedG * share }));
}

/**
 * Brine drained off a jar, to be kept under a name or poured away; `salinity` as it was measured: the jar's is that from now
 * on. Refuses more liquid than the jar can give.
 */
export function drain(
  b: Batch,
  fillingId: string,
  {
    ml,
    salinity,
    brineId
  }: { readonly ml: number; readonly salinity: number; readonly brineId: string | null }
): Outcome<BatchEvent> {
  const from = jarOf(b, fillingId);
  if (!from.ok) return from;
  const f = from.value;
  const g = ml * brineDensity(as.trueStrength(salinity), 20);
  const thereG = freeLiquidG(f.holds);
  if (g > thereG + 0.5)
    return refuse('more-than-there-is', { field: 'amount', values: { saidG: g, thereG } });
  return done({ type: 'drained', data: { fillingId, g, salinity, brineId } });
}
