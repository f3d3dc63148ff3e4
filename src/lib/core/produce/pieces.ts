import { meanPiece } from './mean';
import { likeOf } from './own';
import type { Crop } from './types';

/** A countable part of a crop: median weight of the usable part, g, and its geometric sd. */
export interface Piece {
  readonly word: string;
  readonly pieceG: number;
  readonly pieceGsd: number;
  readonly source: string;
}

const CP = 'common practice, no source';
const SR = 'SR24 gram weights';
type Row = readonly [word: string, g: number, gsd: number, source: string];

/** Parts that a crop is counted by besides its own piece (`data.ts`). */
const PARTS: Readonly<Record<string, readonly Row[]>> = {
  'cabbage-white': [['leaf', 23, 1.5, SR]],
  'cabbage-red': [['leaf', 23, 1.5, SR]],
  'cabbage-pointed': [['leaf', 20, 1.5, CP]],
  'cabbage-napa': [['leaf', 35, 1.6, CP]],
  'pak-choi': [
    ['leaf', 14, 1.5, SR],
    ['stalk', 25, 1.5, CP]
  ],
  'mustard-greens': [['bunch', 250, 1.5, CP]],
  kale: [
    ['bunch', 200, 1.5, CP],
    ['stem', 15, 1.6, CP]
  ],
  'radish-small': [['bunch', 110, 1.4, CP]],
  turnip: [['bunch', 500, 1.5, CP]],
  beet: [['bunch', 330, 1.5, CP]],
  carrot: [['bunch', 350, 1.5, CP]],
  celery: [
    ['rib', 40, 1.4, SR],
    ['bunch', 400, 1.4, CP],
    ['head', 400, 1.4, CP],
    ['stick', 40, 1.6, CP]
  ],
  celeriac: [['bulb', 350, 1.5, CP]],
  cauliflower: [['floret', 13, 1.5, SR]],
  leek: [['bunch', 270, 1.5, CP]],
  'spring-onion': [
    ['bunch', 100, 1.4, CP],
    ['stalk', 15, 1.6, CP]
  ],
  // A head has some ten to fourteen cloves.
  garlic: [
    ['head', 38, 1.45, CP],
    ['bulb', 38, 1.45, CP]
  ],
  ginger: [
    ['knob', 25, 1.7, CP],
    ['root', 80, 1.7, CP],
    ['slice', 2.2, 1.4, SR]
  ],
  turmeric: [['root', 12, 1.6, CP]],
  fennel: [['head', 234, 1.35, SR]],
  shallot: [['clove', 12, 1.5, CP]],
  'brussels-sprout': [['head', 19, 1.35, SR]]
};

/** Fruits are pods, pieces of garden language that fit one kind only. */
const PODS = /^(pepper-|okra|green-bean)/;

/** Every word that a crop can be counted by, its own piece first. Example: garlic has clove, head and bulb. */
export function piecesOf(c: Pick<Crop, 'id' | 'piece' | 'pieceG' | 'pieceGsd' | 'source'>): readonly Piece[] {
  const own: Row = [c.piece, c.pieceG, c.pieceGsd, c.source];
  const pod: readonly Row[] =
    PODS.test(likeOf(c.id)) && c.piece !== 'pod' ? [['pod', c.pieceG, c.pieceGsd, c.source]] : [];
  return [own, ...pod, ...(PARTS[likeOf(c.id)] ?? [])].map(([word, pieceG, pieceGsd, source]) => ({
    word,
    pieceG,
    pieceGsd,
    source
  }));
}

/** The piece that a word means of that crop; "piece" is its own; undefined where it has none of that name. */
export const pieceCalled = (c: Crop, word: string): Piece | undefined =>
  piecesOf(c).find((p) => p.word === word) ?? (word === 'piece' || word === '' ? piecesOf(c)[0] : undefined);

/** Small and large ones against the middle. Common practice, no source; SR24 lists small and large roots like this. */
export const SIZES: ReadonlyMap<string, number> = new Map([
  ['tiny', 0.5],
  ['little', 0.7],
  ['small', 0.7],
  ['medium', 1],
  ['average', 1],
  ['big', 1.45],
  ['large', 1.45],
  ['huge', 1.9]
]);

/** What a piece of that name weighs on the mean, g; null where the crop has none. Example: a clove of garlic is `3.26…`. */
export const pieceWeights =
  (c: Crop | undefined) =>
  (word: string): number | null => {
    const piece = c && pieceCalled(c, word);
    return piece ? meanPiece(piece) : null;
  };
