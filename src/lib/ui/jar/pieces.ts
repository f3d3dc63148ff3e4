import type { Cut } from '$lib/core/produce';

/** One drawn piece, in mm from the jar's left bottom inside corner. */
export interface Piece {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  readonly item: number;
}

/** Size of a drawn piece by cut, mm: width and height. */
export const PIECE_SIZE: Record<Cut, readonly [number, number]> = {
  shred: [20, 1.6],
  leaf: [22, 5],
  spear: [22, 8],
  coin: [13, 13],
  chunk: [13, 11],
  floret: [15, 14],
  half: [15, 12],
  upright: [8, 30],
  cherry: [12, 12],
  strip: [20, 5],
  ring: [13, 13],
  whole: [9, 9],
  mash: [6, 3]
};

/** Mixed well but never random: the same jar always looks the same. 0-1. */
function mixed(n: number): number {
  let h = Math.imul(n ^ (n >>> 15), 0x2c1b3c6d);
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39);
  return ((h ^ (h >>> 15)) >>> 0) / 2 ** 32;
}

/**
 * Pieces that cover a region, in proportion to the items' shares.
 * Rows are laid like bricks and jostled a little; `cut` sets their size.
 */
export function layPieces(widthMm: number, heightMm: number, cut: Cut, shares: readonly number[]): Piece[] {
  const [w, h] = PIECE_SIZE[cut];
  const stepX = w * (cut === 'shred' ? 0.75 : 1.18);
  const stepY = h * (cut === 'shred' ? 2.1 : 1.22);
  const out: Piece[] = [];
  for (let row = 0; row * stepY < heightMm; row++) {
    for (let col = 0; col * stepX < widthMm + w; col++) {
      const n = (row * 61 + col) * 5 + 1;
      const x = col * stepX + (row % 2 ? stepX / 2 : 0) + (mixed(n) - 0.5) * w * 0.18;
      const y = (row + 0.5) * stepY + (mixed(n + 1) - 0.5) * h * 0.2;
      const most = cut === 'upright' ? 5 : cut === 'shred' ? 28 : 24;
      out.push({ x, y, turn: (mixed(n + 2) - 0.5) * 2 * most, item: itemAt(mixed(n + 3), shares) });
    }
  }
  return out;
}

function itemAt(at: number, shares: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < shares.length; i++) {
    sum += shares[i] ?? 0;
    if (at < sum) return i;
  }
  return Math.max(0, shares.length - 1);
}
