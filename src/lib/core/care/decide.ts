import {
  type Photo,
  move,
  standingFillings,
  type Batch,
  type BatchEvent,
  type CareHow,
  type CareKind,
  type GasSeen,
  type TasteMarks
} from '../batch/index';
import { titratableAcidity, type TitrationSaid } from '../instrument/index';
import type { WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { isSign } from '../safety/index';
import { answered } from './tasks';
import { verdictOn } from './verdict';

/** What stands around a batch when something is done with it: the household's places, and the time. */
export interface CareRound {
  readonly places: readonly Place[];
  readonly now: WallMinute;
}

/** Refuses what is not done with a jar that is to be thrown away: tasting, moving, eating, giving. */
export function notCondemned(b: Batch, ids: readonly string[], { places }: CareRound): Outcome<null> {
  for (const f of b.fillings.filter((j) => ids.includes(j.id) && j.emptiedAt === null)) {
    const verdict = verdictOn(b, f, places);
    if (!verdict) continue;
    const { by } = verdict;
    const why: Record<string, string | number> =
      by.kind === 'pH' ? { pH: by.pH, day: by.day } : { sign: by.sign };
    return refuse('discard-first', { field: 'fillingIds', values: { lidNumber: f.lidNumber, ...why } });
  }
  return done(null);
}

/** Care done or skipped for those of the jars named that nobody has answered it for. */
export function cared(
  b: Batch,
  said: { kind: CareKind; how: CareHow; slot: WallMinute; fillingIds: readonly string[] },
  { places }: CareRound
): Outcome<BatchEvent> {
  const jars = standingFillings(b, said.fillingIds);
  if (!jars.ok) return jars;
  const { kind, how, slot } = said;
  const fillingIds = jars.value
    .filter((f) => answered(b, f, kind) < slot && !verdictOn(b, f, places))
    .map((f) => f.id);
  if (fillingIds.length === 0) return refuse('already-answered', { field: 'fillingIds' });
  return done({ type: 'cared', data: { kind, how, slot, fillingIds } });
}

/** A visit at jars of one batch: what of their care was done or skipped, and what was tasted and read of them all. */
export interface Visit {
  readonly fillingIds: readonly string[];
  readonly how: CareHow;
  readonly cares: readonly {
    readonly kind: CareKind;
    readonly slot: WallMinute;
    readonly fillingIds: readonly string[];
  }[];
  readonly taste: TasteMarks | null;
  readonly pH: { readonly pH: number; readonly by: 'strip' | 'meter' } | null;
}

/** What is not done by saying so, but by what was tasted, read, or moved. */
export const BY_LOG: ReadonlySet<CareKind> = new Set(['taste', 'pH', 'toCold']);

/** What stays to be done, however long nobody looked: a measurement, and the cold. */
const STAYS: ReadonlySet<CareKind> = new Set(['pH', 'toCold']);

/** Nobody skips the cold: it is asked for once. */
const mayBe = (how: CareHow, kind: CareKind): boolean =>
  how === 'done' ? !BY_LOG.has(kind) : how === 'skipped' ? kind !== 'toCold' : !STAYS.has(kind);

/** One visit: all of it, or none; what somebody else has answered meanwhile is left out. */
export function visited(b: Batch, said: Visit, around: CareRound): Outcome<BatchEvent[]> {
  const { fillingIds, how, cares, taste, pH } = said;
  const each = [
    ...cares.filter((c) => mayBe(how, c.kind)).map((c) => cared(b, { ...c, how }, around)),
    ...(taste ? [tasted(b, { ...taste, fillingIds }, around)] : []),
    ...(pH ? [measured(b, { ...pH, fillingIds })] : [])
  ];
  const refused = each.find((one) => !one.ok && one.refusal.code !== 'already-answered');
  if (refused && !refused.ok) return refused;
  const events = each.flatMap((one) => (one.ok ? [one.value] : []));
  return events.length > 0 ? done(events) : refuse('already-answered', { field: 'fillingIds' });
}

/** The marks, and nothing else that came with them. */
const marksOf = ({ sour, salt, crunch, bite, aroma, who, liked, note }: TasteMarks): TasteMarks => ({
  ...{ sour, salt, crunch, bite, aroma, who, liked, note }
});

/** A taste of jars that are sound. */
export function tasted(
  b: Batch,
  { fillingIds, ...said }: TasteMarks & { fillingIds: readonly string[] },
  around: CareRound
): Outcome<BatchEvent> {
  const jars = standingFillings(b, fillingIds);
  if (!jars.ok) return jars;
  const sound = notCondemned(b, fillingIds, around);
  return sound.ok ? done({ type: 'tasted', data: { fillingIds, ...marksOf(said) } }) : sound;
}

/** A taste said wrongly; the old one stays in the log. */
export const tasteCorrected = (
  b: Batch,
  { of, ...said }: TasteMarks & { of: string }
): Outcome<BatchEvent> =>
  b.tastes.some((t) => t.id === of)
    ? done({ type: 'tasteCorrected', data: { of, ...marksOf(said) } })
    : refuse('taste-unknown', { field: 'of' });

/** A pH read off a strip or a meter: of any jar that holds something, condemned or not. */
export function measured(
  b: Batch,
  { fillingIds, pH, by }: { fillingIds: readonly string[]; pH: number; by: 'strip' | 'meter' }
): Outcome<BatchEvent> {
  const jars = standingFillings(b, fillingIds);
  return jars.ok ? done({ type: 'measured', data: { fillingIds, pH, by } }) : jars;
}

/** A photo of jars that hold something. */
export function photographed(
  b: Batch,
  { fillingIds, width, height }: Omit<Photo, 'id' | 'at'>
): Outcome<BatchEvent> {
  const jars = standingFillings(b, fillingIds);
  return jars.ok ? done({ type: 'photoTaken', data: { fillingIds, width, height } }) : jars;
}

/** A photo deleted for good: that there was one stays in the record, the picture does not. */
export const photoDeleted = (b: Batch, of: string): Outcome<BatchEvent> =>
  b.photos.some((p) => p.id === of)
    ? done({ type: 'photoDeleted', data: { of } })
    : refuse('photo-unknown', { field: 'of' });

/** Titrated acid: of any jar that holds something; refused where no vegetable is so sour. */
export function titrated(
  b: Batch,
  { fillingIds, ...said }: TitrationSaid & { fillingIds: readonly string[] }
): Outcome<BatchEvent> {
  const jars = standingFillings(b, fillingIds);
  if (!jars.ok) return jars;
  const percent = Math.round(titratableAcidity(said) * 1000) / 1000;
  return percent <= MOST_ACID
    ? done({ type: 'titrated', data: { fillingIds, percent } })
    : refuse('acid-strange', { field: 'used', values: { percent: Math.round(percent * 10) / 10 } });
}

/** More than any ferment has, % as lactic. Our judgement. */
const MOST_ACID = 5;

/** How much gas one saw of jars that hold something. */
export function gasSeen(
  b: Batch,
  { fillingIds, seen }: { fillingIds: readonly string[]; seen: GasSeen['seen'] }
): Outcome<BatchEvent> {
  const jars = standingFillings(b, fillingIds);
  return jars.ok ? done({ type: 'gasSeen', data: { fillingIds, seen } }) : jars;
}

/** A reading that was wrong: what it really was; undefined: there was none. */
export const pHCorrected = (b: Batch, said: { of: string; pH?: number | undefined }): Outcome<BatchEvent> =>
  b.readings.some((r) => r.id === said.of)
    ? done({ type: 'pHCorrected', data: { of: said.of, pH: said.pH ?? null } })
    : refuse('reading-unknown', { field: 'of' });

/** A sign that somebody saw; of some the jar is to be thrown away. */
export function signSeen(
  b: Batch,
  said: { fillingIds: readonly string[]; sign: string }
): Outcome<BatchEvent> {
  const jars = standingFillings(b, said.fillingIds);
  if (!jars.ok) return jars;
  if (!isSign(said.sign)) return refuse('sign-unknown', { field: 'sign' });
  return done({ type: 'signSeen', data: { fillingIds: said.fillingIds, sign: said.sign } });
}

/** It was not what it seemed: the sign no longer counts. */
export const signTakenBack = (b: Batch, of: string): Outcome<BatchEvent> =>
  b.signs.some((s) => s.id === of)
    ? done({ type: 'signTakenBack', data: { of } })
    : refuse('sign-unknown', { field: 'of' });

/** Sound jars to another place. */
export function moved(
  b: Batch,
  said: { fillingIds: readonly string[]; placeId: string },
  around: CareRound
): Outcome<BatchEvent> {
  const place = around.places.find((p) => p.id === said.placeId);
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const sound = notCondemned(b, said.fillingIds, around);
  return sound.ok ? move(b, said.fillingIds, place) : sound;
}
