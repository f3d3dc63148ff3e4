import { DAYS_PER_MONTH, MINUTES_PER_DAY, wall, type Day, type WallMinute } from '../calendar/index';
import { massOf, NOTHING, plus, type Part } from '../contents/index';
import type { LotEvent, LotOnBench } from '../lot/index';
import type { BrineEvent } from '../pantry/index';
import { readQuantity, type Ways } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { leftInJug, type Worksheet } from '../worksheet/index';
import type { KeptSheet } from './first-words';

/** Brine really poured, ml; nothing typed means as planned, null that none is poured here. */
export function brinePoured(said: string, w: Worksheet, ways: Ways): Outcome<number | null> {
  const planned = w.brine?.inJarsMl ?? null;
  if (said === '') return done(planned);
  const field = 'brineUsed';
  if (planned === null) return refuse('no-brine-here', { field });
  const read = readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  const ml = read.value.value;
  return ml > 3 * planned + 1000
    ? refuse('more-than-there-is', { field, values: { saidG: ml, thereG: planned } })
    : done(ml);
}

/** Each pick on the bench gives its share of what was packed; what did not fit stays there, prepared. */
export function packedOf(
  onBench: readonly LotOnBench[],
  w: Worksheet,
  batchId: string
): { readonly lotId: string; readonly event: LotEvent }[] {
  const share = w.packedG / w.prepared.mean;
  return onBench.flatMap(({ id, bench, benchG }) => {
    const item = w.items.find((i) => i.id === id);
    if (!item) return [];
    const data = { bench, g: benchG * share, preparedG: item.prepared.mean * share, batchId };
    return [{ lotId: id, event: { type: 'packed' as const, data } }];
  });
}

/** Less than this is not worth keeping; ml. */
const LEAST_KEPT_ML = 10;

/** How much of the planned brine went into the jars. */
export const pouredShare = (w: Worksheet, usedMl: number | null): number =>
  w.brine && usedMl !== null && w.brine.inJarsMl > 0 ? usedMl / w.brine.inJarsMl : 1;

/** What is left of the brine that was mixed, to be kept; null where nothing is worth it. */
export function restOfBrine(
  w: Worksheet,
  usedMl: number | null,
  batch: { readonly id: string; readonly name: string },
  today: Day
): (BrineEvent & { type: 'kept' }) | null {
  if (!w.brine) return null;
  const ml = w.brine.mixMl - (usedMl ?? w.brine.inJarsMl);
  if (ml < LEAST_KEPT_ML) return null;
  const name = `Left from ${batch.name}`.slice(0, 80);
  const parts = leftInJug(w, { poured: pouredShare(w, usedMl) });
  const { strength } = w.brine;
  return { type: 'kept', data: { name, day: today, from: 'mixed', batchId: batch.id, strength, ml, parts } };
}

/** Saved brine that went into the mix; what of it stayed in the jug went away unless the rest was kept. */
export function savedUsed(
  w: Worksheet,
  usedMl: number | null,
  batchId: string,
  restKept: boolean
): { readonly brineId: string; readonly event: BrineEvent }[] {
  const left = leftInJug(w, { poured: pouredShare(w, usedMl) });
  return (w.brine?.fromSaved ?? []).map(({ id, ml }) => {
    const stayed = left.find((p) => p.from === `brine:${id}`)?.what ?? NOTHING;
    const away = restKept ? NOTHING : stayed;
    return { brineId: id, event: { type: 'used', data: { ml, batchId, away } } };
  });
}

/** Sour brine in a jar, g per kg, as much as if it were fresh: it halves each month. Example: 40 g of a kilo, a month old: `20`. */
export function starterIn(
  parts: readonly Part[],
  { brine }: Pick<KeptSheet, 'brine'>,
  at: WallMinute
): number {
  const all = massOf(plus(...parts.map((p) => p.what)));
  const fresh = (brine?.fromSaved ?? []).reduce((sum, { id, sourSince }) => {
    if (!sourSince) return sum;
    const g = massOf(plus(...parts.filter((p) => p.from === `brine:${id}`).map((p) => p.what)));
    return sum + g * 0.5 ** (Math.max(0, at - wall(sourSince)) / MINUTES_PER_DAY / DAYS_PER_MONTH);
  }, 0);
  return all > 0 ? (1000 * fresh) / all : 0;
}
