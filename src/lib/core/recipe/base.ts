import { pieceCalled, meanPiece, pieceWeights, type OwnCrops } from '../produce/index';
import { cropNamed, type CardLine, type LineAmount } from '../reading/index';
import type { Ingredient } from './types';

/** Vegetables fill the jar: crops by weight, by share or by the piece, unless said by the kilo or by the jar. */
export const isProduce = (i: Ingredient): boolean =>
  i.cropId !== null &&
  (i.scales === 'share' || i.scales === 'recipe') &&
  !/clove|slice|sprig|leaf|knob|thumb/.test(i.unit);

/** Grams of a line that is said in grams or, of a crop, in its pieces. */
export function gramsOf(i: Pick<Ingredient, 'amount' | 'unit' | 'crop'>): number | null {
  if (i.amount === null) return null;
  if (i.unit === 'g') return i.amount;
  const g = pieceWeights(i.crop ?? undefined)(i.unit);
  return g === null ? null : i.amount * g;
}

export function baseOf(all: readonly Ingredient[]): number | null {
  const produce = all.filter((i) => i.produce);
  const weighed = produce.filter((i) => i.scales === 'recipe');
  if (weighed.length === 0) return null;
  const grams = weighed.reduce((a, i) => a + (gramsOf(i) ?? 0), 0);
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  return grams > 0 && shares < 1 ? grams / (1 - shares) : null;
}
export const waterOf = (parts: readonly CardLine[]): number | null => {
  const all = parts.flatMap((p) => chosen(p, []).amount ?? []);
  const ml = all.reduce((a, m) => a + (m.is === 'measured' ? m.amount.value : 0), 0);
  return ml > 0 ? ml : null;
};
interface Chosen {
  readonly amount: LineAmount | null;
  readonly problem?: 'amounts-disagree' | 'amount-unclear' | 'two-things';
}

/** Label rounding, and a piece's own spread: what is further apart is asked about. */
const AGREE = { rounding: 1.12, pieces: 2.2 };

/** The amount of a line that counts: what is weighed before what is counted or spooned; they must agree. */
export function chosen(p: CardLine, own: OwnCrops): Chosen {
  const [first] = p.amounts;
  if (p.more !== '') return { amount: first ?? null, problem: 'two-things' };
  if (!first || p.amounts.length === 1) return { amount: first ?? null };
  if (p.amounts.length > 2) return { amount: first, problem: 'two-things' };
  const [a, b] = [first, p.amounts[1]!];
  if (a.is === 'percent' || b.is === 'percent') return { amount: a, problem: 'two-things' };
  if (a.is === 'count' && b.is === 'measured') return countedAndWeighed(p, a, b, own);
  if (b.is === 'count' && a.is === 'measured') return countedAndWeighed(p, b, a, own);
  if (a.is === 'count' || b.is === 'count') return { amount: a, problem: 'two-things' };
  if (a.amount.kind !== b.amount.kind) return { amount: a.amount.kind === 'mass' ? a : b };
  const [x, y] = [a.amount.value, b.amount.value];
  return Math.max(x, y) / Math.min(x, y) > AGREE.rounding
    ? { amount: a, problem: 'amounts-disagree' }
    : { amount: a };
}

/** "1 cabbage (about 2 kg)", "2 (1 lb) cabbages", "2 heads, 4 kg": each or all, held against what such a piece weighs. */
function countedAndWeighed(
  p: CardLine,
  count: Extract<LineAmount, { is: 'count' }>,
  w: Extract<LineAmount, { is: 'measured' }>,
  own: OwnCrops
): Chosen {
  const times = (n: number): LineAmount => ({ ...w, amount: { ...w.amount, value: w.amount.value * n } });
  if (w.amount.kind !== 'mass') return { amount: w };
  const c = cropNamed(p.name, own);
  const piece = c && pieceCalled(c, count.piece);
  const fits = (g: number) => {
    if (!piece) return true;
    const off = g / (meanPiece(piece) * count.factor);
    return off < AGREE.pieces * piece.pieceGsd && off > 1 / (AGREE.pieces * piece.pieceGsd);
  };
  const [all, each] = [fits(w.amount.value / count.n), fits(w.amount.value)];
  if (w.each)
    return each ? { amount: times(count.n) } : { amount: times(count.n), problem: 'amounts-disagree' };
  if (count.n === 1 || all || !piece || (w.about && !each)) {
    // Said behind the pieces it is all of them, as on a shopping list; where each alone fits as well, it is asked.
    const either = count.n > 1 && all && each && piece !== undefined && w.inBrackets && !w.about;
    return all
      ? { amount: w, ...(either ? { problem: 'amount-unclear' as const } : {}) }
      : { amount: w, problem: 'amounts-disagree' };
  }
  return each ? { amount: times(count.n) } : { amount: w, problem: 'amounts-disagree' };
}
