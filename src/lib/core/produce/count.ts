import type { Learned } from '../learn/index';
import { mixedNumbers, NUMBER_WORDS, together, type Spread } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { CROPS } from './data';
import type { Crop } from './types';

/**
 * Share of the log-variance of piece weights that lies between varieties and gardens: it does not average out,
 * however many are counted. Common practice, no source; your own mean piece weight takes it away.
 */
export const BETWEEN_VARIETIES = 0.5;

/** The mean of a lognormal piece weight, g: median × exp(s²/2), s = ln gsd. Example: 18 g, gsd 1.5 is `19.54`. */
export function meanPiece(c: Pick<Crop, 'pieceG' | 'pieceGsd'>): number {
  return c.pieceG * Math.exp(Math.log(c.pieceGsd) ** 2 / 2);
}

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

const pieceNames = new Set(
  CROPS.flatMap((c) => [c.piece, `${c.piece}s`, c.piece === 'leaf' ? 'leaves' : c.piece]).concat(
    'piece',
    'pieces',
    'peppers',
    'pepper',
    'of them'
  )
);

/**
 * Reads a count: "7 peppers", "half a head", "a dozen". Refuses a bare number, which is a weight, and what is not countable.
 * Example: `readCount('half a head', cabbage)` answers `0.5`.
 */
export function readCount(text: string, c: Crop): Outcome<number> {
  const said = text.trim().slice(0, 60);
  const t = mixedNumbers(said.toLowerCase().replaceAll('½', ' 1/2').replace(/\s+/g, ' ').trim());
  const m =
    /^(?:(\d+) (?=\d+\/))?(\d+\/\d+|\d+(?:[.,]\d+)?|half an?|half|a dozen|dozen|an?|[a-z]+)(?: (.+))?$/.exec(
      t
    );
  const bad = () => refuse('count-not-understood', { field: 'weight', values: { said, piece: c.piece } });
  if (!m) return bad();
  const [, whole, part = '', what] = m;
  if (what === undefined && /\d/.test(part)) return bad();
  const name = c.name.toLowerCase();
  if (what !== undefined && !pieceNames.has(what) && what !== name && what !== `${name}s`) return bad();
  const word = part.replace(/^a (?=dozen)/, '').replace(/ an?$/, '');
  const [over = '', under] = part.split('/');
  const number =
    NUMBER_WORDS[word] ?? (under ? Number(over) / Number(under) : Number(part.replace(',', '.')));
  const n = Number(whole ?? 0) + number;
  return Number.isFinite(n) && n > 0 && n <= 2000 ? done(n) : bad();
}

/** A picked piece weighs more than its usable part: count to picked weight, g. */
export function pickedOfCount(n: number, c: Crop, withTops: boolean, own?: Learned): Spread {
  const trim = withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim;
  const usable = weightOfCount(n, c, BETWEEN_VARIETIES, own);
  return { mean: usable.mean / trim, sd: Math.hypot(usable.sd / trim, (usable.mean * c.trimSd) / trim ** 2) };
}
