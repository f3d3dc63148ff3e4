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

/** A tenth of a mm is finer than a screen. */
const one = (n: number): string => String(Math.round(n * 10) / 10).replace(/^(-?)0\./, '$1.');

/** A closed outline from corners around a middle, turned; each corner by its way from the one before, which is short to write. */
function corners(x: number, y: number, turn: number, points: readonly (readonly [number, number])[]): string {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const tenths = points.map(
    ([px, py]) => [Math.round((x + px * c - py * s) * 10), Math.round((y + px * s + py * c) * 10)] as const
  );
  const ways = tenths.map(([px, py], i) => {
    const [fromX, fromY] = tenths[i - 1] ?? [0, 0];
    return `${one((px - fromX) / 10)},${one((py - fromY) / 10)}`;
  });
  return `M${ways[0]}l${ways.slice(1).join(' ')}z`;
}

const circle = (x: number, y: number, r: number): string =>
  `M${one(x - r)},${one(y)}a${one(r)},${one(r)} 0 1 0 ${one(2 * r)},0a${one(r)},${one(r)} 0 1 0 ${one(-2 * r)},0`;

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

function lay(widthMm: number, heightMm: number, cut: Cut, shares: readonly number[]): string[] {
  const [w, h] = SIZE[cut];
  const stepX = w * (cut === 'shred' ? 0.8 : 1.18);
  const stepY = h * (cut === 'shred' ? 2.6 : 1.22);
  const most = ((cut === 'upright' ? 5 : cut === 'shred' ? 28 : 24) * Math.PI) / 180;
  const paths = shares.map(() => '');
  for (let row = 0; row * stepY < heightMm; row++) {
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

/** Pieces are laid for a jar of the next of these measures, mm, and cut off at the glass: jars of about a size share them. */
const WIDTHS = [60, 110, 160, 230, 330];
const HEIGHTS = [110, 210, 320, 450];
/** The measure for which the pieces of a jar are laid. Example: a jar 102.8 mm wide takes those of 110 mm. */
export const laidFor = (widthMm: number, heightMm: number): readonly [number, number] => [
  WIDTHS.find((w) => w >= widthMm) ?? widthMm,
  HEIGHTS.find((h) => h >= heightMm) ?? heightMm
];

/** The same jars are drawn again and again: the last few hundred are remembered. */
const drawn = new Map<string, string[]>();
const REMEMBERED = 400;

/**
 * Pieces that cover a region, as one path per item, in proportion to the items' shares; mm, the floor at 0 and up is less.
 * Rows are laid like bricks and jostled a little; the cut sets their size and turn.
 */
export function layPieces(widthMm: number, heightMm: number, cut: Cut, shares: readonly number[]): string[] {
  if (shares.length === 0) return [];
  const key = [widthMm, heightMm, cut, ...shares.map((s) => s.toFixed(3))].join();
  const known = drawn.get(key);
  if (known) return known;
  const paths = lay(widthMm, heightMm, cut, shares);
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
