import { massOf, piecesOf } from '../contents/index';
import type { Lid } from '../vessel/index';
import type { Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import type { Batch, BatchInHand, BatchEvent } from './batch';
import { atTable, type Because, type Filling, type PortionHow } from './facts';
import { inBrine, leftG, placeOf, stockG } from './jar';

/** The jars named, all of this batch and none of them empty. */
export function standingFillings(b: BatchInHand, ids: readonly string[]): Outcome<readonly Filling[]> {
  const found = ids.flatMap((id) => b.fillings.filter((f) => f.id === id));
  if (ids.length === 0) return refuse('no-jar-named', { field: 'fillingIds' });
  if (found.length < ids.length) return refuse('jar-unknown', { field: 'fillingIds' });
  const empty = found.find((f) => f.emptiedAt !== null);
  if (empty) return refuse('jar-empty', { field: 'fillingIds', values: { lidNumber: empty.lidNumber } });
  return done(found);
}

/** The same, none of them heated: what is done to a living ferment is not done to those. */
export function rawFillings(b: BatchInHand, ids: readonly string[]): Outcome<readonly Filling[]> {
  const found = standingFillings(b, ids);
  const dead = found.ok ? found.value.find((f) => f.heated) : undefined;
  return dead ? refuse('jar-heated', { field: 'fillingIds', values: { lidNumber: dead.lidNumber } }) : found;
}

/** Jars to another place: never a raw ferment to the pantry, never to where they stand already. */
export function move(b: BatchInHand, ids: readonly string[], to: Place): Outcome<BatchEvent> {
  const jars = standingFillings(b, ids);
  if (!jars.ok) return jars;
  if (to.kind === 'pantry' && jars.value.some((f) => !f.heated))
    return refuse('raw-not-pantry', { field: 'placeId', values: { place: to.name } });
  const going = jars.value.filter((f) => placeOf(f) !== to.id).map((f) => f.id);
  if (going.length === 0) return refuse('already-there', { field: 'placeId', values: { place: to.name } });
  return done({ type: 'moved', data: { fillingIds: going, placeId: to.id } });
}

/** Another kind of lid on those of the jars that do not wear it. */
export function changeLid(b: BatchInHand, ids: readonly string[], lid: Lid): Outcome<BatchEvent> {
  const jars = standingFillings(b, ids);
  if (!jars.ok) return jars;
  const fillingIds = jars.value.filter((f) => f.lid !== lid).map((f) => f.id);
  return fillingIds.length === 0
    ? refuse('lid-is-on', { field: 'lid' })
    : done({ type: 'lidChanged', data: { fillingIds, lid } });
}

/**
 * Jars that wait where they stand till another is eaten, or no longer do (`other` null). Refuses a jar that would wait for
 * itself, or for one that waits for it.
 */
export function queued(
  b: BatchInHand,
  ids: readonly string[],
  other: { readonly batch: BatchInHand; readonly fillingId: string } | null
): Outcome<BatchEvent> {
  const jars = rawFillings(b, ids);
  if (!jars.ok) return jars;
  const fillingIds = jars.value.map((f) => f.id);
  if (!other) return done({ type: 'queued', data: { fillingIds, waitsFor: null } });
  const awaited = standingFillings(other.batch, [other.fillingId]);
  if (!awaited.ok) return { ok: false, refusal: { ...awaited.refusal, field: 'waitsForId' } };
  const { id: fillingId, lidNumber, waitsFor } = awaited.value[0]!;
  if (fillingIds.includes(fillingId) || (waitsFor && fillingIds.includes(waitsFor.fillingId)))
    return refuse('waits-for-itself', { field: 'waitsForId' });
  const { id: batchId, name: batchName } = other.batch;
  return done({
    type: 'queued',
    data: { fillingIds, waitsFor: { batchId, batchName, fillingId, lidNumber } }
  });
}

/** A part or the whole of a jar leaves it; a throw-away says why, where the house does not know (`because`). */
export function portion(
  b: BatchInHand,
  fillingId: string,
  how: PortionHow,
  g: number,
  reason: string,
  because?: Because
): Outcome<BatchEvent> {
  const jars = standingFillings(b, [fillingId]);
  if (!jars.ok) return jars;
  const f = jars.value[0];
  if (!f) return refuse('jar-unknown', { field: 'fillingId' });
  // A whole jar may be given away or thrown as it stands; what is eaten is its pieces.
  const pieces = inBrine(f) && (atTable(how) || g < leftG(f) - 0.5);
  const thereG = pieces ? stockG(f) : leftG(f);
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g > thereG + 0.5)
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG } });
  if (how === 'thrown' && !because && reason.trim() === '')
    return refuse('reason-wanted', { field: 'reason' });
  const said = { fillingId, how, g: Math.min(g, thereG), reason, ...(pieces ? { pieces } : {}) };
  return done({ type: 'portioned', data: { ...said, ...(because ? { because } : {}) } });
}

/** A portion said wrongly: what it really was, never more than the jar held then. */
export function correctPortion(b: Batch, of: string, g: number): Outcome<BatchEvent> {
  const was = b.portions.find((p) => p.id === of);
  if (!was) return refuse('portion-unknown', { field: 'of' });
  if (!(g >= 0)) return refuse('weight-not-positive', { field: 'weight' });
  const jar = b.fillings.find((f) => f.id === was.fillingId);
  const there = (f: Filling) => (was.pieces ? massOf(piecesOf(f.holds)) : leftG(f));
  const thereG = (jar ? there(jar) : 0) + was.g;
  if (g > thereG + 0.5)
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG } });
  return done({ type: 'portionCorrected', data: { of, g: Math.min(g, thereG) } });
}
