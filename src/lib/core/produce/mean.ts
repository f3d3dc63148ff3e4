import type { Crop } from './types';

/** The mean of a lognormal piece weight, g: median × exp(s²/2), s = ln gsd. Example: 18 g, gsd 1.5 is `19.54`. */
export function meanPiece(c: Pick<Crop, 'pieceG' | 'pieceGsd'>): number {
  return c.pieceG * Math.exp(Math.log(c.pieceGsd) ** 2 / 2);
}
