import type { SpoonSystem } from '../quantity/index';
import { amountAt, type Amount } from './amount';
import { unitAt } from './parts';
import { isMark, isWord, skipAbout, wordOf, type At } from './at';
import { numberAt, pieceWordAt } from './count';
import { tokens } from './tokens';
import type { Token } from './token';
import { type For, forAt } from './line-for';

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
