import type { Day } from '../calendar/index';
import { learn, PIECE_BATCH_SD, TRIM_BATCH_SD, type Learned } from '../learn/index';
import { crop, meanPiece, trimKey, type OwnCrops } from '../produce/index';
import { relativeSd } from '../quantity/index';
import type { Lot } from './lot';

/** What one pick teaches: its trim yield once packed, its mean piece once counted and weighed. */
export interface TaughtByPick {
  readonly day: Day;
  readonly trim: { readonly key: string; readonly yield: number } | null;
  /** A mean piece as picked, g. */
  readonly piece: { readonly cropId: string; readonly pickedG: number; readonly withTops: boolean } | null;
}

/** Nothing for most picks. Example: 2 kg in 7 pieces teach a piece of 286 g as picked. */
export function taughtByPick(lot: Lot): TaughtByPick[] {
  const { cropId, withTops, trimmed } = lot;
  const { pieces, g } = lot.weighed;
  const trim =
    trimmed && trimmed.pickedG > 0
      ? { key: trimKey(cropId, withTops), yield: trimmed.preparedG / trimmed.pickedG }
      : null;
  const piece = pieces ? { cropId, pickedG: g / pieces, withTops } : null;
  return trim || piece ? [{ day: lot.day, trim, piece }] : [];
}

/** What was measured of each key, in order. */
function byKey(all: readonly (readonly [key: string, value: number])[]): Map<string, number[]> {
  const out = new Map<string, number[]>();
  for (const [key, value] of all) {
    const known = out.get(key);
    if (known) known.push(value);
    else out.set(key, [value]);
  }
  return out;
}

/**
 * The household's trim yields from what it packed, by `trimKey`; picks up to a reset day are left out.
 * Example: with six packed picks of cabbage at 0.72 the yield moves from 0.80 to about 0.73.
 */
export function learntTrims(
  picks: readonly TaughtByPick[],
  resets: Readonly<Record<string, Day>>,
  own: OwnCrops
): Record<string, Learned> {
  const seen = byKey(
    picks.flatMap(({ day, trim }) =>
      trim && day > (resets[`trim:${trim.key}`] ?? '') ? [[trim.key, trim.yield] as const] : []
    )
  );
  const out: Record<string, Learned> = {};
  for (const [key, yields] of seen) {
    const [cropId = '', tops] = key.split('+');
    const c = crop(cropId, own);
    if (!c) continue;
    const mean = tops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
    out[key] = learn({ mean, sd: c.trimSd, scale: 'logit' }, yields, TRIM_BATCH_SD);
  }
  return out;
}

/** The household's own piece weights of the usable part, from picks both counted and weighed. */
export function learntPieces(
  picks: readonly TaughtByPick[],
  resets: Readonly<Record<string, Day>>,
  own: OwnCrops
): Record<string, Learned> {
  const usable = (id: string, withTops: boolean) => {
    const c = crop(id, own);
    return (withTops ? c?.trimWithTops : null) ?? c?.trim ?? 1;
  };
  const seen = byKey(
    picks.flatMap(({ day, piece: p }) =>
      p && day > (resets[`piece:${p.cropId}`] ?? '')
        ? [[p.cropId, p.pickedG * usable(p.cropId, p.withTops)] as const]
        : []
    )
  );
  const out: Record<string, Learned> = {};
  for (const [id, weights] of seen) {
    const c = crop(id, own);
    if (!c) continue;
    const mean = meanPiece(c);
    const taught = weights.filter((w) => !alone(w, weights, mean, c.pieceGsd));
    out[id] = learn({ mean, sd: mean * relativeSd(c.pieceGsd), scale: 'log' }, taught, PIECE_BATCH_SD);
  }
  return out;
}

/** Further from the table than this, in spreads of the piece, a mean weight is odd. Common practice, no source. */
const ODD = 2;
/** One odd entry teaches nothing: it counts once another comes near it. */
function alone(w: number, all: readonly number[], mean: number, gsd: number): boolean {
  if (Math.abs(Math.log(w / mean)) < ODD * Math.log(gsd)) return false;
  return all.filter((o) => Math.abs(Math.log(o / w)) < Math.log(1.5)).length < 2;
}
