import type { Crop } from '../produce/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { isMark, isWord, type At } from './at';
import { readCount } from './count';
import { cropAt, tokensOf } from './names';
import { textOf } from './quantity';
import type { Token } from './token';
import type { Ways } from './ways';
import { readWeight } from './weight';

/** One thing that somebody has, its weight or count as a weigh-in takes it. */
export interface InBasket {
  readonly crop: Crop;
  readonly weight: string;
}

/** What people begin such a sentence with. */
const LEAD_IN = "i i've we we've have got there there's is are here here's picked weighed the of some".split(
  ' '
);
/** What stands between two things, and says nothing. */
const BETWEEN = ['and', 'plus', 'with', 'also', 'then'];
/** Kinds that are told apart by a word before them. */
const PEPPERS = ['pepper', 'peppers', 'chilli', 'chillies', 'chili', 'chilies', 'chile', 'chiles'];

/** So many things at most. */
const MOST = 8;

/**
 * Reads what somebody has, as they would say it: "3 kg cabbage", "12 cucumbers and a bulb of garlic", "cabbage 3 kg,
 * carrots 500 g". Every crop gets the words that stand beside it, and each is read as a weigh-in reads it. Refuses a thing
 * without an amount, an amount without a thing, and any word left over.
 * Example: `readBasket('I have 3 kg cabbage', ways)` answers white cabbage, `'3 kg'`.
 */
export function readBasket(text: string, ways: Ways): Outcome<InBasket[]> {
  const said = text.trim().slice(0, 200);
  const all = withoutLeadIn(tokensOf(said, ways.crops));
  if (all.length === 0)
    return refuse('nothing-said', { field: 'basket', values: { said, examples: EXAMPLES } });
  const found = cropsIn(all);
  if (found.length > MOST) return refuse('too-many', { field: 'basket' });
  if (found.length === 0)
    return refuse(all.some((t) => isWord(t, ...PEPPERS)) ? 'pepper-which' : 'basket-of-what', {
      field: 'basket',
      values: { said, examples: EXAMPLES }
    });
  const out: InBasket[] = [];
  for (const part of partsOf(all, found)) {
    const read = amountBeside(part, ways);
    if (!read.ok) return read;
    out.push({ crop: part.crop, weight: read.value });
  }
  return done(out);
}

const EXAMPLES = '3 kg cabbage, 12 cucumbers';

const withoutLeadIn = (all: readonly Token[]): Token[] => {
  let from = 0;
  while (isWord(all[from], ...LEAD_IN) || isMark(all[from], ',', ':', '.')) from += 1;
  return all.slice(from).filter((t) => !isMark(t, '.', '!'));
};

type Named = At<Crop> & { readonly from: number };

/** Every crop that is named, in their order. */
function cropsIn(all: readonly Token[]): Named[] {
  const out: Named[] = [];
  for (let at = 0; at < all.length;) {
    const found = cropAt(all, at);
    if (found) out.push({ ...found, from: at });
    at = found?.end ?? at + 1;
  }
  return out;
}

interface Part {
  readonly crop: Crop;
  /** The words of it, and the same without the crop's name: before it and behind. */
  readonly words: readonly Token[];
  readonly before: readonly Token[];
  readonly behind: readonly Token[];
}

/** Each crop with what belongs to it: what stands before it, or, where the first is named first, behind it. */
function partsOf(all: readonly Token[], found: readonly Named[]): Part[] {
  const nameFirst = found[0]?.from === 0;
  return found.map(({ value, from, end }, i) => {
    const begins = nameFirst || i === 0 ? (i === 0 ? 0 : from) : (found[i - 1]?.end ?? 0);
    const ends = nameFirst ? (found[i + 1]?.from ?? all.length) : i === found.length - 1 ? all.length : end;
    return {
      crop: value,
      words: trimmed(all.slice(begins, ends)),
      before: trimmed(all.slice(begins, from)),
      behind: trimmed(all.slice(end, ends))
    };
  });
}

/** Without commas, "and" and "of" at either end. */
function trimmed(words: readonly Token[]): Token[] {
  const idle = (t: Token | undefined) =>
    isMark(t, ',', ';', '+', '&', ':', '(', ')') || isWord(t, ...BETWEEN, 'of');
  let from = 0;
  let to = words.length;
  while (from < to && idle(words[from])) from += 1;
  while (to > from && idle(words[to - 1])) to -= 1;
  return words.slice(from, to);
}

/** The amount of one thing as a weigh-in takes it: a weight, or else a count. */
function amountBeside({ crop, words, before, behind }: Part, ways: Ways): Outcome<string> {
  const field = 'basket';
  // An amount on either side: one of them is of something that is not named.
  if ([before, behind].every((side) => side.some((t) => t.kind === 'number')))
    return refuse('basket-of-what', { field, values: { said: textOf(behind), examples: EXAMPLES } });
  const beside = [...before, ...behind];
  if (beside.length === 0)
    return refuse('basket-how-much', { field, values: { crop: crop.name.toLowerCase(), piece: crop.piece } });
  const weighed = readWeight(textOf(beside), field, ways);
  if (weighed.ok) return done(textOf(beside));
  // "12 cucumbers", "12 of cabbage", "cabbage, 2 heads": as it stands, or with the piece behind the number.
  for (const said of [words, beside, [...beside, pieces(crop)]]) {
    const counted = readCount(textOf(said), crop, ways.crops);
    if (counted.ok) return done(textOf(said));
  }
  return weighed.refusal.code === 'unit-missing' || weighed.refusal.code === 'wrong-kind'
    ? refuse('basket-how-much', { field, values: { crop: crop.name.toLowerCase(), piece: crop.piece } })
    : refuse(weighed.refusal.code, { field, values: { ...weighed.refusal.values, examples: EXAMPLES } });
}

const pieces = ({ piece }: Crop): Token => ({ kind: 'word', word: `${piece}s`, said: `${piece}s` });
