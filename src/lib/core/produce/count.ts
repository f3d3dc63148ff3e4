import type { Learned } from '../learn/index';
import { together, type Spread } from '../quantity/index';
import { meanPiece } from './mean';
import type { Piece } from './pieces';
import type { Crop } from './types';

/**
 * Share of the log-variance of piece weights that lies between varieties and gardens: it does not average out,
 * however many are counted. Common practice, no source; your own mean piece weight takes it away.
 */
export const BETWEEN_VARIETIES = 0.5;

/**
 * What so many usable pieces weigh, g. `between` is the share of the log-variance that does not average out.
 * Example: 12 jalapeños of median 18 g, gsd 1.5, all independent, weigh 234.5 ± 28.62 g (one sd).
 */
export function weightOfCount(
  n: number,
  c: Pick<Crop, 'pieceG' | 'pieceGsd'>,
  between = BETWEEN_VARIETIES,
  learnt?: Learned
): Spread {
  // The household's own mean takes the place of the table's, and its spread that of the varieties.
  if (learnt && learnt.n > 0) {
    const within = Math.log(c.pieceGsd) ** 2 * (1 - between);
    const sd = together(n * learnt.sd, Math.sqrt(n) * learnt.mean * Math.sqrt(Math.exp(within) - 1));
    return { mean: n * learnt.mean, sd };
  }
  const mean = meanPiece(c);
  const variance = Math.log(c.pieceGsd) ** 2;
  const relative = (v: number) => Math.exp(v) - 1;
  const own = relative(variance * (1 - between)) / Math.max(n, 1e-9);
  return { mean: n * mean, sd: n * mean * Math.sqrt(own + relative(variance * between)) };
}

/** So many pieces of one kind, as counted; `factor` is for small and large ones. */
export interface Count {
  readonly n: number;
  readonly piece: Piece;
  readonly factor: number;
  /** The crop's own piece, of which the household has learnt the weight. */
  readonly own: boolean;
}

/** What a count of usable pieces weighs, g. The household's own mean is of its own piece, whatever its size. */
export function weightOfPieces(count: Count, learnt?: Learned): Spread {
  const w = weightOfCount(count.n, count.piece, BETWEEN_VARIETIES, count.own ? learnt : undefined);
  return { mean: w.mean * count.factor, sd: w.sd * count.factor };
}

/** A picked piece weighs more than its usable part: count to picked weight, g. */
export function pickedOfCount(count: Count, c: Crop, withTops: boolean, own?: Learned): Spread {
  const trim = withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
  const usable = weightOfPieces(count, own);
  return { mean: usable.mean / trim, sd: Math.hypot(usable.sd / trim, (usable.mean * c.trimSd) / trim ** 2) };
}
