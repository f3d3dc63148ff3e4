import { type SpoonSystem } from '../quantity/index';
import { amountAt, isMark, isWord, skipAbout, unitAt, wordOf, type Amount, type At } from './amount';
import { numberAt, pieceWordAt } from './count';
import { saltyNamed } from './names';
import { tokens, type Token } from './tokens';
import { WATER_ADJECTIVES, WATER_WORDS } from './words';

/** What an amount on a card is said for. */
export type For =
  | { readonly per: 'recipe' }
  /** A kilo; `times` turns what was said into it. */
  | { readonly per: 'kg'; readonly times: number }
  | { readonly per: 'jar'; readonly times: number }
  | { readonly per: 'room'; readonly ml: number };

/** One amount of a line, and how it was said. */
export type LineAmount =
  | {
      readonly is: 'measured';
      readonly amount: Amount;
      readonly inBrackets: boolean;
      readonly each: boolean;
      readonly about: boolean;
    }
  | { readonly is: 'percent'; readonly value: number }
  | {
      readonly is: 'count';
      readonly n: number;
      readonly factor: number;
      readonly piece: string;
      readonly about: boolean;
    };

/** A line of a card, taken apart; every word is in one of the parts. */
export interface CardLine {
  readonly amounts: readonly LineAmount[];
  readonly name: string;
  readonly instead: readonly string[];
  readonly for: For;
  readonly free: boolean;
  readonly optional: boolean;
  readonly vague: boolean;
  /** What stands behind a comma or in brackets and says no amount. */
  readonly remark: string;
  /** The rest of the words, where two things stand on one line. */
  readonly more: string;
}

const VAGUE = new Set(
  'some few little bit pinch handful dash splash several any extra lots plenty'.split(' ')
);
const FREE: readonly (readonly string[])[] = [
  ['as', 'you', 'like'],
  ['as', 'one', 'likes'],
  ['as', 'they', 'like'],
  ['as', 'we', 'like'],
  ['if', 'you', 'like'],
  ['to', 'taste'],
  ['as', 'wanted'],
  ['as', 'desired'],
  ['free']
];
const says = (all: readonly Token[], at: number, words: readonly string[]): boolean =>
  words.every((w, i) => isWord(all[at + i], w));

/** Bullets, boxes and the numbers of a list are no part of the line. */
export const unlisted = (said: string): string =>
  said
    .replace(/^\s*(?:[-*•·–—+>☐☑□✓]+|\[[ x]?\])\s+/i, '')
    .replace(/^\s*\(?\d{1,2}[.)]\s+(?=\S)/, '')
    .trim();

/**
 * Takes a line of a card apart: its amounts, what they are for, the name, what may stand instead.
 * Example: "2 cloves of garlic per jar" is a count of 2 cloves of "garlic", by the jar.
 */
export function cardLine(said: string, system: SpoonSystem): CardLine {
  const all = tokens(unlisted(said));
  const s: Sink = {
    amounts: [],
    name: [],
    instead: [],
    for: { per: 'recipe' },
    free: false,
    optional: false,
    vague: false,
    remark: [],
    more: [],
    comma: false
  };
  for (let at = 0; at < all.length;) at = eat(all, at, system, s);
  return {
    ...s,
    name: s.name.join(' '),
    instead: s.instead.map((w) => w.join(' ')),
    remark: s.remark.join(' '),
    more: s.more.join(' ')
  };
}

interface Sink {
  amounts: LineAmount[];
  name: string[];
  instead: string[][];
  for: For;
  free: boolean;
  optional: boolean;
  vague: boolean;
  remark: string[];
  more: string[];
  comma: boolean;
}

/** Uses up the token there, and those that belong to it. */
function eat(all: readonly Token[], at: number, system: SpoonSystem, s: Sink): number {
  if (isWord(all[at], 'optional', 'optionally')) {
    s.optional = true;
    return at + 1;
  }
  const free = FREE.find((words) => says(all, at, words));
  if (free && (free.length > 1 || s.comma || at > 0)) {
    s.free = true;
    return at + free.length;
  }
  const per = forAt(all, at, system);
  if (per && (s.amounts.length > 0 || s.name.length > 0)) {
    s.for = per.value;
    return per.end;
  }
  if (isMark(all[at], '(', '[')) return brackets(all, at, system, s);
  if (vagueAt(all, at) && s.name.length === 0 && s.amounts.length === 0) {
    s.vague = true;
    const end = isWord(all[at], 'a', 'an') ? at + 2 : at + 1;
    return isWord(all[end], 'of') ? end + 1 : end;
  }
  const amount = lineAmountAt(all, at, system, false, s.name.length > 0);
  if (amount) {
    s.amounts.push(amount.value);
    return isWord(all[amount.end], 'of') ? amount.end + 1 : amount.end;
  }
  return word(all, at, s);
}

/** A word of the name; what follows a comma is remark, until an amount comes. */
function word(all: readonly Token[], at: number, s: Sink): number {
  const t = all[at]!;
  if (isMark(t, ',', ';', ':')) {
    s.comma ||= s.name.length > 0;
    return at + 1;
  }
  if (t.kind === 'mark') {
    if (t.word !== '.' && s.name.length > 0 && !s.comma) s.remark.push(t.said);
    return at + 1;
  }
  if (isWord(t, 'or') && s.name.length > 0 && !s.comma) {
    s.instead.push([]);
    return at + 1;
  }
  if (skipAbout(all, at).value) return at + 1;
  if (
    isWord(t, 'and', 'plus') &&
    s.amounts.length > 0 &&
    s.name.length > 0 &&
    lineAmountAt(all, at + 1, 'metric', false, false)
  ) {
    s.more.push(...all.slice(at + 1).map((x) => x.said));
    return all.length;
  }
  if (s.comma) s.remark.push(t.said);
  else if (s.instead.length > 0) s.instead.at(-1)!.push(t.said.replace(/\.$/, ''));
  else if (!(isWord(t, 'of') && s.name.length === 0)) s.name.push(t.said.replace(/\.$/, ''));
  return at + 1;
}

const vagueAt = (all: readonly Token[], at: number): boolean =>
  VAGUE.has(wordOf(all[at])) || (isWord(all[at], 'a', 'an') && VAGUE.has(wordOf(all[at + 1])));

/** "(2 kg)", "(about 15 g)", "(2 lb each)", "(optional)", "(finely chopped)". */
function brackets(all: readonly Token[], at: number, system: SpoonSystem, s: Sink): number {
  const close = all.findIndex((t, i) => i > at && isMark(t, ')', ']'));
  const end = close < 0 ? all.length : close;
  const inside = all.slice(at + 1, end);
  if (inside.length > 0 && inside.every((t) => isWord(t, 'optional', 'optionally'))) s.optional = true;
  else {
    let from = 0;
    while (from < inside.length && !lineAmountAt(inside, from, system, true, true)) {
      if (inside[from]?.kind === 'number') break;
      s.remark.push(inside[from]!.said);
      from += 1;
    }
    const found = lineAmountAt(inside, from, system, true, true);
    const rest = inside.slice(found?.end ?? from);
    const each =
      rest.some((t) => isWord(t, 'each', 'apiece')) || (s.amounts.length > 0 && s.name.length === 0);
    if (found?.value.is === 'measured') s.amounts.push({ ...found.value, each: each || found.value.each });
    else if (found) s.amounts.push(found.value);
    s.remark.push(...rest.filter((t) => !isWord(t, 'each', 'apiece', 'total')).map((t) => t.said));
  }
  return end + 1;
}

function lineAmountAt(
  all: readonly Token[],
  at: number,
  system: SpoonSystem,
  inBrackets: boolean,
  named: boolean
): At<LineAmount> | undefined {
  const about = skipAbout(all, at).value;
  const n = all[at];
  if (n?.kind === 'number' && isMark(all[at + 1], '%'))
    return {
      value: { is: 'percent', value: n.high === undefined ? n.value : (n.value + n.high) / 2 },
      end: at + 2
    };
  if (n?.kind === 'number' && isWord(all[at + 1], 'percent'))
    return { value: { is: 'percent', value: n.value }, end: at + 2 };
  const found = amountAt(all, at, system);
  // "an oz" is an amount; "a" before a name is a count of it.
  if (found && found.value.kind !== 'length') {
    const each = isWord(all[found.end], 'each', 'apiece');
    return {
      value: { is: 'measured', amount: found.value, inBrackets, each, about },
      end: found.end + (each ? 1 : 0)
    };
  }
  const count = numberAt(all, at);
  if (!count || (isWord(all[at], 'a', 'an') && (named || unitAt(all, at + 1, system)))) return undefined;
  let { end } = count;
  if (isWord(all[end], 'of')) end += 1;
  while (isWord(all[end], 'whole', 'fresh') && pieceWordAt(all, end + 1)) end += 1;
  const piece = pieceWordAt(all, end);
  const outer = isWord(all[end], 'outer', 'inner') ? pieceWordAt(all, end + 1) : undefined;
  const { n: low, high, factor, loose } = count.value;
  const middle = high === undefined ? low : (low + high) / 2;
  const value: LineAmount = { is: 'count', n: middle, factor, piece: piece ?? outer ?? '', about: loose };
  return { value, end: piece ? end + 1 : outer ? end + 2 : count.end };
}

const PER = ['per', 'a', 'an', 'each', 'every', 'for', 'to', 'in', 'into'];
/** "per kg", "a jar", "to each quart", "for 5 lb", "/kg": what an amount is said for. */
function forAt(all: readonly Token[], at: number, system: SpoonSystem): At<For> | undefined {
  let from = at;
  while (isWord(all[from], ...PER, 'the') || isMark(all[from], '/')) from += 1;
  if (from === at) return undefined;
  const n = all[from]?.kind === 'number' ? all[from] : undefined;
  const number = n?.kind === 'number' ? n.value : 1;
  const next = n ? from + 1 : from;
  if (isWord(all[next], 'jar', 'jars')) return { value: { per: 'jar', times: 1 / number }, end: next + 1 };
  const found = amountAt(all, from, system, true);
  if (!found || found.value.kind === 'length') return undefined;
  const jar = isWord(all[found.end], 'jar', 'jars');
  const end = jar ? found.end + 1 : found.end;
  if (found.value.kind === 'mass') {
    // "of vegetables", "of cabbage", "prepared".
    const of =
      isWord(all[end], 'of') && isWord(all[end + 1], 'vegetables', 'veg', 'cabbage', 'produce', 'it')
        ? end + 2
        : end;
    return { value: { per: 'kg', times: 1000 / found.value.value }, end: of };
  }
  return { value: { per: 'room', ml: found.value.value }, end };
}

/** Verbs that begin a step. */
const VERBS = new Set(
  'shred slice chop cut wash rinse trim core mix massage rub pound press pack pour cover weigh leave let stand ferment taste store keep stir add put fill top seal close burp skim place dissolve boil heat cool drain sprinkle toss repeat wait move label turn tuck layer submerge blend strain bottle refrigerate remove discard peel grate quarter halve clean sterilise sterilize scald warm combine bring transfer set check make prepare squeeze knead work season eat serve enjoy open wipe lay use do dry soak crush mince finely roughly thinly cube dice open allow once when after until before if then finally now next meanwhile always never watch start begin push weight screw loosen tighten ensure reserve save scrub ready measure'.split(
    ' '
  )
);
const LABELS = new Set(
  'makes serves yields yield source from note notes tip tips warning servings time method directions instructions steps ingredients spices equipment'.split(
    ' '
  )
);
const TIME = new Set('day days week weeks hour hours hr hrs minute minutes min mins month months'.split(' '));

/** Why a line is only text of the card: nothing of it is weighed. */
export type TextLine = 'title' | 'step' | 'remark' | 'heading';

/**
 * Whether a line is a title, a heading, a step or a remark; undefined: it names something that goes in.
 * `first`: it is the first line of the card and others hold amounts.
 */
export function textLine(said: string, first: boolean, system: SpoonSystem): TextLine | undefined {
  const line = unlisted(said);
  const all = tokens(line);
  if (!/\p{L}/u.test(line)) return 'remark';
  if (isMark(all[0], '(') && all.findIndex((t) => isMark(t, ')')) >= all.length - 2) return 'remark';
  const words = all.filter((t) => t.kind === 'word');
  const numbers = all.filter((t) => t.kind === 'number');
  const opening = wordOf(tokens(line.split(/\s/)[0] ?? '')[0]) || (line.split(/\s/)[0] ?? '').toLowerCase();
  const timed = all.some(
    (t, i) =>
      t.kind === 'number' &&
      (TIME.has(wordOf(all[i + 1])) || isMark(all[i + 1], '°') || isWord(all[i + 1], 'degrees', 'c', 'f'))
  );
  const hasSalt = all.some((t) => isWord(t, 'salt', 'kosher'));
  if (/:\s*$/.test(line) && numbers.length === 0) return 'heading';
  if (LABELS.has(opening)) return 'remark';
  if (timed && !(hasSalt && all.some((_, i) => measuredSalt(all, i, system)))) return 'remark';
  // "Top" and "pound" are things too: a step says more than its verb and a thing.
  if (VERBS.has(opening) && words.length >= 2 && !startsAsThing(all)) return 'step';
  if (numbers.length > 0) return undefined;
  if (isWord(all[0], 'for', 'to') && words.length >= 2) return 'heading';
  if (words.length >= 7) return 'remark';
  return first && words.length >= 2 && !isWord(all[0], 'some', 'a') ? 'title' : undefined;
}

/** "Dry mustard", "quarter lemon", "season salt": a verb's word that begins a name. */
function startsAsThing(all: readonly Token[]): boolean {
  return (
    all[0]?.kind === 'number' ||
    (isWord(all[0], 'dry', 'finely', 'roughly', 'thinly') && all.some((t) => t.kind === 'number'))
  );
}

const measuredSalt = (all: readonly Token[], at: number, system: SpoonSystem): boolean =>
  amountAt(all, at, system) !== undefined;

/** Whether a line says a dose of salt itself, and not of something that holds salt. */
export function saltLine(said: string): boolean {
  const line = unlisted(said);
  const all = tokens(line);
  const salt = all.findIndex((t) => isWord(t, 'salt', 'salts', 'kosher', 'nacl'));
  const percent = all.some(
    (t, i) => t.kind === 'number' && (isMark(all[i + 1], '%') || isWord(all[i + 1], 'percent'))
  );
  const brine = all.some((t) => isWord(t, 'brine'));
  if (salt < 0) return percent && brine;
  if (isWord(all[salt - 1], 'celery', 'garlic', 'onion', 'herb', 'seasoned')) return false;
  return (
    saltyNamed(line) === undefined ||
    (/\bsalt\b/i.test(line.replace(/celery salt/i, '')) && saltyNamed(line)?.id !== 'celery-salt')
  );
}

/** Water or brine to pour, by its name. */
export function isWater(name: string): boolean {
  const all = tokens(name).filter((t) => t.kind === 'word');
  return (
    all.some((t) => WATER_WORDS.has(wordOf(t))) &&
    all.every(
      (t) =>
        WATER_WORDS.has(wordOf(t)) || WATER_ADJECTIVES.has(wordOf(t)) || isWord(t, 'for', 'the', 'of', 'and')
    )
  );
}

/** Preserves that keep by something else than salt and sourness. */
export const otherPreserve = (name: string): 'honey' | 'oil' | 'vinegar' | undefined => {
  const words = tokens(name).map(wordOf);
  return (['honey', 'oil', 'vinegar'] as const).find((w) => words.includes(w));
};
