import {
  pieceCalled,
  piecesOf,
  SIZES,
  weightOfPieces,
  type Count,
  type Crop,
  type OwnCrops,
  likeOf
} from '../produce/index';
import type { Learned } from '../learn/index';
import type { Spread } from '../quantity/index';
import { done, refuse, type Outcome, type RefusalCode } from '../refusal/index';
import { NINE_IN_TEN } from './parts';
import { isMark, isWord, skipAbout, skipOrSo, wordOf, type At } from './at';
import { cropAt, singular, tokensOf } from './names';
import { textOf } from './quantity';
import type { NumberToken, Token } from './token';

/** Every word that some crop is counted by. */
export const PIECE_NAMES = [
  ...(['head', 'clove', 'leaf', 'bulb', 'root', 'stalk', 'stick', 'rib', 'sprig', 'slice', 'pod'] as const),
  ...(['piece', 'berry', 'bunch', 'fruit', 'corn', 'knob', 'thumb', 'finger', 'floret', 'stem'] as const),
  ...(['plant', 'sprout', 'ear', 'half', 'strip', 'ring'] as const)
] as const;
const PIECE_WORDS: ReadonlySet<string> = new Set(PIECE_NAMES);

/** The piece word there, in the singular; undefined where the word is none. Example: "cloves" is `'clove'`. */
export const pieceWordAt = (all: readonly Token[], at: number): string | undefined => {
  const word = singular(wordOf(all[at]));
  return PIECE_WORDS.has(word) ? word : undefined;
};

/** "3 medium", "a large": a number with the size of what is counted. */
export function numberAt(
  all: readonly Token[],
  at: number
): At<{ n: number; high?: number; factor: number; loose: boolean }> | undefined {
  const about = skipAbout(all, at);
  const t = all[about.end];
  const n: NumberToken | undefined = t?.kind === 'number' ? t : undefined;
  if (!n && !isWord(t, 'a', 'an')) return undefined;
  const sizeAt = (i: number) => SIZES.get(wordOf(all[i]));
  let end = about.end + 1;
  let factor = 1;
  for (let size = sizeAt(end); size !== undefined; size = sizeAt(end)) {
    factor *= size;
    end += 1;
    while (isMark(all[end], ',') || (isWord(all[end], 'to', 'or') && sizeAt(end + 1) !== undefined)) end += 1;
  }
  const loose = about.value || n?.loose === true;
  return {
    value: { n: n?.other ?? n?.value ?? 1, ...(n?.high ? { high: n.high } : {}), factor, loose },
    end
  };
}

/** A count that was said widely: its middle and its spread beside that of the pieces, as one sd of the number. */
export interface CountRead extends Count {
  readonly nSd: number;
}

/** What a count of usable pieces weighs, with how widely it was said. */
export function weightOfCountRead(count: CountRead, learnt?: Learned): Spread {
  const w = weightOfPieces(count, learnt);
  return { mean: w.mean, sd: Math.hypot(w.sd, (count.nSd / count.n) * w.mean) };
}

/**
 * Reads a count: "7 peppers", "half a head", "a dozen", "3 medium heads", "2 heads cabbage", "a bunch". Piece words belong
 * to crops: a head of garlic is no clove. Refuses a bare number, which is a weight, a piece that the crop does not have,
 * another crop, and any word left over.
 * Example: `readCount('half a head', cabbage, [])` answers half a head of 908 g.
 */
export function readCount(text: string, c: Crop, own: OwnCrops): Outcome<CountRead> {
  const said = text.trim().slice(0, 60);
  const all = tokensOf(said, own).filter((t) => !isMark(t, '.', ',', '!'));
  const bad = (code: RefusalCode = 'count-not-understood', more: Record<string, string> = {}) =>
    refuse(code, { field: 'weight', values: { said, piece: c.piece, crop: c.name.toLowerCase(), ...more } });
  const n = numberAt(all, 0);
  if (!n) return bad();
  const { piece, crop: named, group, more, loose: soSo, end } = countedAt(all, n.end, c);
  if (end < all.length)
    return bad('not-understood', { rest: textOf(all.slice(end)), examples: `3 ${c.piece}s, 1 195 g` });
  if (piece === undefined && !named && !group && !/dozen|couple/i.test(said)) return bad();
  if (named && named.id !== c.id && !sameKind(named, c))
    return bad('count-of-another', { other: named.name.toLowerCase() });
  const word = piece ?? '';
  const found = pieceCalled(c, word);
  const fits = piecesOf(c).map((p) => p.word);
  if (!found) return bad('piece-not-of-crop', { word, fits: fits.join(', ') });
  const { n: low, high, factor, loose } = n.value;
  const middle = (high === undefined ? low : (low + high) / 2) + more;
  if (!(middle > 0 && middle <= 2000)) return bad();
  const width = high === undefined ? 0 : (high - low) / 2 / NINE_IN_TEN;
  const nSd = Math.hypot(width, loose || soSo ? (middle * 0.1) / NINE_IN_TEN : 0);
  return done({ n: middle, piece: found, factor, own: found.word === c.piece && factor === 1, nSd });
}

const PEPPERS = ['pepper', 'peppers', 'chillies', 'chilies', 'chilli', 'chili', 'chile', 'chiles'] as const;

/** What is counted, behind the number: "heads of cabbage", "cabbage heads", "head and a half", "peppers or so". */
function countedAt(all: readonly Token[], from: number, c: Crop) {
  let at = from;
  if (isWord(all[at], 'of')) at += 1;
  if (isWord(all[at], 'whole')) at += 1;
  const before = cropAt(all, at);
  if (before) at = before.end;
  const piece = pieceWordAt(all, at) ?? (isWord(all[at], 'them') ? 'piece' : undefined);
  if (piece !== undefined) at += 1;
  // "A head and a half".
  const part = isWord(all[at], 'and') ? all[at + 1] : undefined;
  const more = part?.kind === 'number' && part.value < 1 ? part.value : 0;
  if (more > 0) at += 2;
  while (isWord(all[at], 'of', 'the')) at += 1;
  const after = before ?? cropAt(all, at);
  if (!before && after) at = after.end;
  const group = isPepper(c) && isWord(all[at], ...PEPPERS);
  if (!after && group) at += 1;
  const soSo = skipOrSo(all, at);
  return { piece, crop: after?.value, group, more, loose: soSo.value, end: soSo.end };
}

const isPepper = (c: Crop): boolean => likeOf(c.id).startsWith('pepper-');

/** "Cabbage" said of a pointed one, "tomato" of a green one: the plain name of the kind. */
const sameKind = (a: Crop, b: Crop): boolean => a.id.split('-')[0] === b.id.split('-')[0];
