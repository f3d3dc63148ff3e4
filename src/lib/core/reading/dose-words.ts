import {
  BLENDS,
  CURING,
  DOSE_IDLE,
  FILLERS,
  NEGATIONS,
  PREPOSITIONS,
  TASTE_IDLE,
  VEG_ADJECTIVES,
  WATER_ADJECTIVES
} from './words';
import { amountAt } from './amount';
import { unitAt } from './parts';
import { isMark, isWord, skipAbout, wordOf, type At } from './at';
import { numberAt, pieceWordAt } from './count';
import type { Bit, Stop } from './dose-bits';
import { nounAt, saltAt } from './dose-nouns';
import { cropAt } from './names';
import type { Token } from './token';
import type { SpoonSystem } from '../quantity/index';
import { percentAt, ratioAt, markAt } from './dose-marks';

/** Hands and mugs. Common practice, no source; weigh your own. */
const HANDFUL = { g: 35, gsd: 1.4 };
const PINCH = { g: 0.4, gsd: 1.5 };
export const MUGS_ML = [250, 300, 350];

/** The bits of a dose in their order, or the first thing that is not understood: no word is passed over. */
export function bitsOf(all: readonly Token[], system: SpoonSystem): Bit[] | Stop {
  const harmful = all.findIndex((t) => BLENDS.has(wordOf(t)) || CURING.has(wordOf(t)));
  const stop = harmful < 0 ? undefined : refused(all, harmful);
  if (stop) return stop;
  const out: Bit[] = [];
  for (let at = 0; at < all.length;) {
    const bit = bitAt(all, at, system, out.at(-1));
    if ('stop' in bit) return bit;
    const last = out.at(-1);
    // "To for", "on and": one of them was a number.
    const again =
      bit.value.is === 'prep' && last?.is === 'prep' && !/^(each|every|an?)$/.test(wordOf(all[at]));
    if (again || (bit.value.is === 'and' && (!last || last.is === 'prep')))
      return { stop: 'dose-word-unknown', word: all[at]?.said ?? '' };
    if (bit.value.is !== 'idle') out.push(bit.value);
    at = bit.end;
  }
  return out;
}

function bitAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  last: Bit | undefined
): At<Bit> | Stop {
  const t = all[at];
  const stop = refused(all, at);
  if (stop) return stop;
  const found =
    percentAt(all, at) ??
    ratioAt(all, at) ??
    handAt(all, at) ??
    jarAt(all, at, system, last) ??
    measuredAt(all, at, system, last) ??
    piecesAt(all, at) ??
    tasteAt(all, at) ??
    saltAt(all, at) ??
    nounAt(all, at);
  if (found) return found;
  if (t?.kind === 'number') return { value: { is: 'number', said: t }, end: at + 1 };
  if (t?.kind === 'mark') return markAt(all, at);
  const w = wordOf(t);
  if (w === 'and' || w === 'plus') return { value: { is: 'and' }, end: at + 1 };
  if (w === 'or') return { value: { is: 'or' }, end: at + 1 };
  if (PREPOSITIONS.has(w)) return { value: { is: 'prep' }, end: at + 1 };
  if (w === 'a' || w === 'an') return { value: { is: 'prep' }, end: at + 1 };
  if (
    FILLERS.has(w) ||
    DOSE_IDLE.has(w) ||
    TASTE_IDLE.has(w) ||
    WATER_ADJECTIVES.has(w) ||
    VEG_ADJECTIVES.has(w) ||
    w === 'approx' ||
    w === 'about'
  )
    return { value: { is: 'idle' }, end: at + 1 };
  return unknown(all, at);
}

const unknown = (all: readonly Token[], at: number): Stop => ({
  stop: isWord(all[at + 1], 'salt') ? 'dose-salt-unknown' : 'dose-word-unknown',
  word: all[at]?.said ?? ''
});

function refused(all: readonly Token[], at: number): Stop | undefined {
  const w = wordOf(all[at]);
  if (BLENDS.has(w) || (w === 'low' && isWord(all[at + 1], 'sodium', 'salt')))
    return { stop: 'salt-blend', word: w };
  if (CURING.has(w)) return { stop: 'salt-curing', word: w };
  if (w === 'non' && isWord(all[at + 1], 'iodised', 'iodized')) return undefined;
  return NEGATIONS.has(w.replace("'", '')) || w === "don't"
    ? { stop: 'dose-negated', word: all[at]!.said }
    : undefined;
}

function handAt(all: readonly Token[], at: number): At<Bit> | undefined {
  const n = numberAt(all, at);
  const end = n?.end ?? at;
  const many = n?.value.n ?? 1;
  const middle = n?.value.high === undefined ? many : (many + n.value.high) / 2;
  const heap = isWord(all[end], 'generous', 'heaped') ? 1.175 : 1;
  const word = wordOf(all[heap > 1 ? end + 1 : end]);
  const after = end + (heap > 1 ? 2 : 1);
  const of = isWord(all[after], 'of') ? after + 1 : after;
  const factor = (n?.value.factor ?? 1) ** 0.5 * heap;
  if (/^handfuls?$/.test(word))
    return { value: { is: 'hand', g: middle * HANDFUL.g * factor, gsd: HANDFUL.gsd }, end: of };
  if (/^pinch(es)?$/.test(word))
    return { value: { is: 'hand', g: middle * PINCH.g * factor, gsd: PINCH.gsd }, end: of };
  if (/^mugs?$/.test(word)) return { value: { is: 'mug', n: middle }, end: of };
  return undefined;
}

/** "a quart jar", "2 jars", "a 1 l jar"; the size belongs to the jar. */
function jarAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  last: Bit | undefined
): At<Bit> | undefined {
  const article = isWord(all[at], 'a', 'an', 'each', 'every');
  const from = article && all[at + 1]?.kind === 'number' ? at + 1 : at;
  const size = amountAt(all, from, system, last?.is === 'prep' || article);
  if (size?.value.kind === 'volume' && isWord(all[size.end], 'jar', 'jars'))
    return { value: { is: 'jar', n: 1, ml: size.value.value, article }, end: size.end + 1 };
  const n = numberAt(all, at);
  const end = n?.end ?? at;
  return isWord(all[end], 'jar', 'jars', 'crock')
    ? { value: { is: 'jar', n: n?.value.n ?? 1, ml: undefined, article }, end: end + 1 }
    : undefined;
}

function measuredAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  last: Bit | undefined
): At<Bit> | Stop | undefined {
  const article = isWord(all[at], 'a', 'an');
  // "per quart", "30 g/l", "for each pound": one, without a figure; and a dose may begin with its spoon.
  const unit = unitAt(all, at, system);
  const spoon = unit !== undefined && /tsp|tbsp|spoon/.test(unit.value.unit.id);
  // "Per quart", "to the pint", "g/l"; "to quart" lacks its number.
  const counts = isWord(all[at - 1], 'per', 'each', 'every', 'the') || isMark(all[at - 1], '/');
  const base = !spoon && counts && last?.is === 'prep';
  const bare = unit !== undefined && (base || last?.is === 'colon' || (spoon && at === 0));
  const found = amountAt(all, at, system, bare);
  if (!found || found.value.kind === 'length') return undefined;
  // "For every cups": a number is missing, or was mistyped.
  const first = all[skipAbout(all, at).end];
  const uncounted = first?.kind === 'word' && !isWord(first, 'a', 'an', 'one');
  if (uncounted && /..s$/.test(wordOf(all[found.end - 1]))) return undefined;
  if (found.flaw) return { stop: 'flaw', flaw: found.flaw };
  return {
    value: { is: 'amount', amount: found.value, article, bare: uncounted },
    end: isWord(all[found.end], 'of') ? found.end + 1 : found.end
  };
}

function piecesAt(all: readonly Token[], at: number): At<Bit> | undefined {
  const n = numberAt(all, at);
  const start = n?.end ?? at;
  const of = isWord(all[start], 'of') ? start + 1 : start;
  const article = isWord(all[at], 'a', 'an');
  const before = cropAt(all, of);
  const piece = pieceWordAt(all, before?.end ?? of);
  const many = n?.value.n ?? 1;
  const one = n !== undefined || (piece !== 'leaf' && piece === wordOf(all[before?.end ?? of]));
  if (piece !== undefined && one) {
    const end = (before?.end ?? of) + 1;
    const after = before ?? cropAt(all, isWord(all[end], 'of') ? end + 1 : end);
    return {
      value: { is: 'pieces', n: many, piece, crop: after?.value, article },
      end: Math.max(end, after?.end ?? 0)
    };
  }
  // "3 cucumbers", "a cabbage".
  return n && before
    ? { value: { is: 'pieces', n: many, piece: '', crop: before.value, article }, end: before.end }
    : undefined;
}

function tasteAt(all: readonly Token[], at: number): At<Bit> | undefined {
  if (isWord(all[at], 'to', 'by') && isWord(all[at + 1], 'taste'))
    return { value: { is: 'taste' }, end: at + 2 };
  const w = wordOf(all[at]);
  if (w === 'seawater' || w === 'ocean') return { value: { is: 'sea' }, end: at + 1 };
  if (w === 'sea' && !isWord(all[at + 1], 'salt', 'flakes', 'flake')) {
    const water = isWord(all[at + 1], 'water');
    return { value: { is: 'sea' }, end: at + (water ? 2 : 1) };
  }
  return w === 'soup' || w === 'broth' ? { value: { is: 'soup' }, end: at + 1 } : undefined;
}
