import type { Cut } from '$lib/core/produce';

/** Size of a drawn piece by cut, mm: width and height. */
const SIZE: Record<Cut, readonly [number, number]> = {
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
  mash: [10, 5]
};

/** Mixed well but never random: the same jar always looks the same. 0-1. */
function mixed(n: number): number {
  let h = Math.imul(n ^ (n >>> 15), 0x2c1b3c6d);
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39);
  return ((h ^ (h >>> 15)) >>> 0) / 2 ** 32;
}

/** Drawn in tenths of a mm, finer than a screen: whole numbers are the shortest to write. */
const tenths = (mm: number): number => Math.round(mm * 10);
/** What a drawing is scaled by to be in mm. */
export const DRAWN_SCALE = 0.1;

/** A closed outline from corners around a middle, turned; each corner by its way from the one before, which is short to write. */
function corners(x: number, y: number, turn: number, points: readonly (readonly [number, number])[]): string {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const all = points.map(([px, py]) => [tenths(x + px * c - py * s), tenths(y + px * s + py * c)] as const);
  const ways = all.map(([px, py], i) => {
    const [fromX, fromY] = all[i - 1] ?? [0, 0];
    return `${px - fromX},${py - fromY}`;
  });
  return `M${ways[0]}l${ways.slice(1).join(' ')}z`;
}

function circle(x: number, y: number, radius: number): string {
  const [r, d] = [tenths(radius), tenths(2 * radius)];
  return `M${tenths(x - radius)},${tenths(y)}a${r},${r} 0 1 0 ${d},0a${r},${r} 0 1 0 ${-d},0`;
}

function shape(cut: Cut, x: number, y: number, turn: number): string {
  const [w, h] = SIZE[cut];
  if (cut === 'coin' || cut === 'cherry' || cut === 'whole') return circle(x, y, w / 2);
  if (cut === 'ring') return `${circle(x, y, w / 2)}Z${circle(x, y, w / 4)}`;
  if (cut === 'floret')
    return (
      circle(x, y - 2, w / 2.4) +
      corners(x, y, turn, [
        [-2, 8],
        [-1.5, 1],
        [1.5, 1],
        [2, 8]
      ])
    );
  if (cut === 'half')
    return corners(x, y, turn, [
      [-w / 2, h / 2.6],
      [-w / 2.4, -h / 5],
      [-w / 5, -h / 2],
      [w / 5, -h / 2],
      [w / 2.4, -h / 5],
      [w / 2, h / 2.6]
    ]);
  // Shreds and mash are too small for rounded ends to show: four corners keep the page light.
  if (cut === 'shred' || cut === 'mash')
    return corners(x, y, turn, [
      [-w / 2, -h / 2],
      [w / 2, -h / 2],
      [w / 2, h / 2],
      [-w / 2, h / 2]
    ]);
  return rounded(x, y, turn, [w, h]);
}

/** A block with its corners nipped off. */
function rounded(x: number, y: number, turn: number, [w, h]: readonly [number, number]): string {
  const nip = Math.min(w, h) / 4;
  return corners(x, y, turn, [
    [-w / 2, -h / 2 + nip],
    [-w / 2 + nip, -h / 2],
    [w / 2 - nip, -h / 2],
    [w / 2, -h / 2 + nip],
    [w / 2, h / 2 - nip],
    [w / 2 - nip, h / 2],
    [-w / 2 + nip, h / 2],
    [-w / 2, h / 2 - nip]
  ]);
}

/** From one piece to the next, and from one row to the next, mm. */
function stepsOf(cut: Cut): readonly [number, number] {
  const [w, h] = SIZE[cut];
  return cut === 'shred' ? [w * 0.8, h * 2.6] : [w * 1.18, h * 1.22];
}

function lay(widthMm: number, cut: Cut, shares: readonly number[]): string[] {
  const [w, h] = SIZE[cut];
  const [stepX, stepY] = stepsOf(cut);
  const most = ((cut === 'upright' ? 5 : cut === 'shred' ? 28 : 24) * Math.PI) / 180;
  const paths = shares.map(() => '');
  for (let row = 0; row < rowsOf(cut); row++) {
    for (let col = 0; col * stepX < widthMm + w; col++) {
      const n = (row * 61 + col) * 5 + 1;
      const x = col * stepX + (row % 2 ? stepX / 2 : 0) + (mixed(n) - 0.5) * w * 0.18;
      const y = -(row + 0.5) * stepY + (mixed(n + 1) - 0.5) * h * 0.2;
      const item = itemAt(mixed(n + 3), shares);
      paths[item] += shape(cut, x, y, (mixed(n + 2) - 0.5) * 2 * most);
    }
  }
  return paths;
}

/** Pieces are laid for a jar of the next of these widths, mm, and cut off at the glass: jars of about a size share them. */
const WIDTHS = [60, 110, 160, 230, 330];
/** The width for which the pieces of a jar are laid. Example: a jar 102.8 mm wide takes those of 110 mm. */
export const laidFor = (widthMm: number): number => WIDTHS.find((w) => w >= widthMm) ?? widthMm;

/** They are laid so high, mm; what stands higher has them again on top, turned about. */
const COURSE_MM = 100;
/** Rows of a course: an even number, since every other row is set off by half a piece. */
const rowsOf = (cut: Cut): number => 2 * Math.ceil(COURSE_MM / stepsOf(cut)[1] / 2);
/** How high a course of pieces stands, mm. */
export const courseMm = (cut: Cut): number => Math.round(rowsOf(cut) * stepsOf(cut)[1] * 10) / 10;

/** The same jars are drawn again and again: the last few hundred are remembered. */
const drawn = new Map<string, string[]>();
const REMEMBERED = 400;

/**
 * A course of pieces so many mm wide, as one path per item, in proportion to the items' shares; the paths are in tenths
 * of a mm (`DRAWN_SCALE`), the floor at 0 and up is less.
 * Rows are laid like bricks and jostled a little; the cut sets their size and turn.
 */
export function layPieces(widthMm: number, cut: Cut, shares: readonly number[]): string[] {
  if (shares.length === 0) return [];
  const key = [widthMm, cut, ...shares.map((s) => s.toFixed(3))].join();
  const known = drawn.get(key);
  if (known) return known;
  const paths = lay(widthMm, cut, shares);
  if (drawn.size >= REMEMBERED) drawn.clear();
  drawn.set(key, paths);
  return paths;
}

function itemAt(at: number, shares: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < shares.length; i++) {
    sum += shares[i] ?? 0;
    if (at < sum) return i;
  }
  return Math.max(0, shares.length - 1);
}
