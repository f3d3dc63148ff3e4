import type { Crop } from '../produce/index';

/**
 * What people type, cut into numbers, words and marks. Every reader starts here, so that "1 1/2", "2–3" or "half a dozen"
 * are the same number wherever they are said.
 */
export interface NumberToken {
  readonly kind: 'number';
  readonly said: string;
  readonly value: number;
  /** "2-3", "2 to 3": the upper end. */
  readonly high?: number;
  /** "1,250": the other way to read it. */
  readonly other?: number;
  /** Grouped by an ordinary space, which may also part a count from a weight: "2 500 g bags". */
  readonly spaced?: true;
  /** Said in words that are themselves vague: "a couple". */
  readonly loose?: true;
}
export interface WordToken {
  readonly kind: 'word';
  /** Lower case, without dots. */
  readonly word: string;
  readonly said: string;
  /** The household's own crop whose name begins here, and how many words it has. */
  readonly own?: { readonly crop: Crop; readonly words: number };
}
export interface MarkToken {
  readonly kind: 'mark';
  readonly word: string;
  readonly said: string;
}
export type Token = NumberToken | WordToken | MarkToken;

const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6'
};

/** Digits in all their dresses; the first that fits. */
const DIGITS: readonly (readonly [
  RegExp,
  (m: RegExpExecArray) => Omit<NumberToken, 'kind' | 'said'> | undefined
])[] = [
  // "1 1/2", "1-1/2"; a part of one is less than one.
  [/(\d+)(?: | ?- ?)(\d+)\/(\d+)(?![\d/])/y, ([, w, a, b]) => mixed(Number(w), Number(a), Number(b))],
  [/(\d+)\/(\d+)(?![\d/])/y, ([, a, b]) => (Number(b) === 0 ? undefined : { value: Number(a) / Number(b) })],
  // Thousands by a space or an apostrophe: our own way of writing, and many countries'.
  [
    /([1-9]\d{0,2}(?:[ '\u202f\u00a0]\d{3})+)([.,]\d+)?(?![\d/])/y,
    ([, w = '', d = '']) => ({
      value: Number(w.replace(/\D/g, '') + d.replace(',', '.')),
      // "2 500 g bags" may be two bags; "1 250 g" and "3 000 g" cannot.
      ...(/^(?:[2-9]|1\d) [1-9]\d\d$/.test(w) ? { spaced: true as const } : {})
    })
  ],
  // Thousands by a comma or a dot, more than once or with the other as decimal mark: no doubt.
  [
    /(\d{1,3}(?:,\d{3}){2,}(?:\.\d+)?|\d{1,3},\d{3}\.\d+)(?![\d.,])/y,
    ([t = '']) => ({ value: Number(t.replaceAll(',', '')) })
  ],
  [
    /(\d{1,3}(?:\.\d{3}){2,}(?:,\d+)?|\d{1,3}\.\d{3},\d+)(?![\d.,])/y,
    ([t = '']) => ({ value: Number(t.replaceAll('.', '').replace(',', '.')) })
  ],
  // Once only, it may be either.
  [
    /([1-9]\d{0,2})([.,])(\d{3})(?![\d.,]?\d)/y,
    ([, w, , d]) => ({ value: Number(`${w}.${d}`), other: Number(`${w}${d}`) })
  ],
  [/(\d+[.,]\d+|\d+)(?![.,]?\d)/y, ([t = '']) => ({ value: Number(t.replace(',', '.')) })],
  [/([.,]\d+)(?![.,\d])/y, ([t = '']) => ({ value: Number(t.replace(',', '.')) })]
];

function mixed(whole: number, over: number, under: number): { value: number } | undefined {
  return under > 0 && over < under ? { value: whole + over / under } : undefined;
}

const MAX = 4000;

/** Cuts a text into tokens; what is neither number nor word is a mark, so nothing is dropped but white space. */
export function tokens(text: string): Token[] {
  let t = text
    .slice(0, MAX)
    .replace(/[\u2000-\u200a\u2028\u2029\t\r\n]/g, ' ')
    .replace(/[⁄∕]/g, '/');
  for (const [glyph, plain] of Object.entries(GLYPHS)) t = t.replaceAll(glyph, ` ${plain}`);
  t = t
    .replace(/[\u2010-\u2015−]/g, '-')
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/ {2,}/g, ' ')
    .replace(/(\d) ?\/ ?(?=\d)/g, '$1/')
    .trim();
  const out: Token[] = [];
  for (let at = 0; at < t.length;) {
    const found = numberAt(t, at) ?? wordAt(t, at);
    if (found) {
      out.push(found.token);
      at = found.end;
      continue;
    }
    const char = String.fromCodePoint(t.codePointAt(at) ?? 32);
    if (char.trim() !== '' && char !== '\u00a0' && char !== '\u202f')
      out.push({ kind: 'mark', word: char, said: char });
    at += char.length;
  }
  return ranged(worded(hyphensOut(out)));
}

function numberAt(t: string, at: number): { token: NumberToken; end: number } | undefined {
  if (!/[\d.,]/.test(t[at] ?? '') || /[\p{L}\d]/u.test(/[.,]/.test(t[at] ?? '') ? (t[at - 1] ?? '') : ''))
    return undefined;
  for (const [pattern, value] of DIGITS) {
    pattern.lastIndex = at;
    const m = pattern.exec(t);
    const number = m && value(m);
    if (m && number && Number.isFinite(number.value))
      return { token: { kind: 'number', said: m[0], ...number }, end: at + m[0].length };
    if (m) return undefined;
  }
  return undefined;
}

const WORD = /\p{L}[\p{L}\p{M}]*(?:'\p{L}+)?/uy;
function wordAt(t: string, at: number): { token: WordToken; end: number } | undefined {
  WORD.lastIndex = at;
  const m = WORD.exec(t);
  if (!m) return undefined;
  let end = at + m[0].length;
  // "lb.", "tbsp.", "approx.": the dot belongs to the short word.
  if (t[end] === '.' && m[0].length <= 6 && /^ ?[^.]/.test(t.slice(end + 1))) end += 1;
  const short = /^(u\.s\.|u\.k\.)/i.exec(t.slice(at));
  if (short)
    return {
      token: { kind: 'word', word: short[0].replaceAll('.', '').toLowerCase(), said: short[0] },
      end: at + short[0].length
    };
  return { token: { kind: 'word', word: m[0].toLowerCase(), said: m[0] }, end };
}

/** "half-gallon", "twenty-five": between two words a hyphen only joins. */
function hyphensOut(all: readonly Token[]): Token[] {
  return all.filter(
    (t, i) =>
      !(t.kind === 'mark' && t.word === '-' && all[i - 1]?.kind === 'word' && all[i + 1]?.kind === 'word')
  );
}

const ONES: Readonly<Record<string, number>> = Object.fromEntries(
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'
    .split(' ')
    .map((w, n) => [w, n])
);
const TENS: Readonly<Record<string, number>> = Object.fromEntries(
  'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ').map((w, n) => [w, 20 + n * 10])
);
const PARTS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  halves: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  fourth: 1 / 4,
  fourths: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8
};

const isWord = (t: Token | undefined, ...words: string[]): boolean =>
  t?.kind === 'word' && words.includes(t.word);
const article = (t: Token | undefined): boolean => isWord(t, 'a', 'an');

/** Number words in the place of their words: "twenty-five", "two and a half", "three quarters of a", "half a dozen". */
function worded(all: readonly Token[]): Token[] {
  const out: Token[] = [];
  for (let i = 0; i < all.length;) {
    const n = wordNumber(all, i);
    if (!n) {
      out.push(all[i]!);
      i += 1;
      continue;
    }
    out.push({
      kind: 'number',
      value: n.value,
      said: all
        .slice(i, n.end)
        .map((t) => t.said)
        .join(' '),
      ...(n.loose ? { loose: true } : {})
    });
    i = n.end;
  }
  return out;
}

interface Found {
  readonly value: number;
  readonly end: number;
  readonly loose?: boolean;
}

function wordNumber(all: readonly Token[], at: number): Found | undefined {
  if (isWord(all[at], 'a') && isWord(all[at + 1], 'couple'))
    return { value: 2, end: isWord(all[at + 2], 'of') ? at + 3 : at + 2, loose: true };
  const start = article(all[at]) ? at + 1 : at;
  const round = start > at && isWord(all[start], 'hundred', 'thousand');
  const one = round
    ? cardinal(all, start, 1)
    : start === at
      ? (digits(all, at) ?? cardinal(all, at))
      : undefined;
  const amount = one ? partly(all, one) : partOf(all, start, start > at ? 1 : 0);
  if (isWord(all[amount?.end ?? start], 'dozen')) {
    const dozen = { value: (amount?.value ?? 1) * 12, end: (amount?.end ?? start) + 1 };
    const and = andPart(all, dozen.end);
    return and ? { value: dozen.value + 12 * and.value, end: and.end } : dozen;
  }
  return amount && all[at]?.kind === 'number' && amount.end === at + 1 ? undefined : amount;
}

/** "Three quarters of a", "2 half-gallons", "two and a half", "2 and 1/2". */
function partly(all: readonly Token[], whole: Found): Found {
  const part = partOf(all, whole.end, whole.value);
  if (part) return { value: whole.value * part.value, end: part.end };
  const and = whole.value === Math.floor(whole.value) ? andPart(all, whole.end) : undefined;
  return and ? { value: whole.value + and.value, end: and.end } : whole;
}

/** "and a half", "and 1/2", "& three quarters". */
function andPart(all: readonly Token[], at: number): Found | undefined {
  if (!isWord(all[at], 'and') && !(all[at]?.kind === 'mark' && all[at].word === '&')) return undefined;
  const figure = all[at + 1];
  if (figure?.kind === 'number' && figure.value < 1 && figure.said.includes('/'))
    return { value: figure.value, end: at + 2 };
  const times = wordOf(all[at + 1]) === 'three' ? 3 : 1;
  const named = article(all[at + 1]) || ['one', 'three'].includes(wordOf(all[at + 1]));
  const part = named ? partOf(all, at + 2, times, false) : undefined;
  return part && { value: times * part.value, end: part.end };
}

const digits = (all: readonly Token[], at: number): Found | undefined => {
  const t = all[at];
  return t?.kind === 'number' ? { value: t.value, end: at + 1 } : undefined;
};

/** "half", "half a", "a quarter of a"; a third and an eighth are parts only behind a number or an article. */
function partOf(all: readonly Token[], at: number, counted: number, ofToo = true): Found | undefined {
  const word = wordOf(all[at]);
  const value = Object.hasOwn(PARTS, word) ? PARTS[word] : undefined;
  if (value === undefined) return undefined;
  if (counted === 0 && word !== 'half' && word !== 'quarter') return undefined;
  let end = at + 1;
  if (ofToo && isWord(all[end], 'of')) end += 1;
  if (ofToo && article(all[end])) end += 1;
  return { value, end };
}

function cardinal(all: readonly Token[], at: number, head?: number): Found | undefined {
  let end = at;
  let value = head ?? 0;
  let seen = head !== undefined;
  for (; ; end++) {
    const t = all[end];
    const w = t?.kind === 'word' ? t.word : '';
    const one = small(w);
    if (one !== undefined && fitsAfter(value, one, seen)) value += one;
    else if (w === 'hundred' && value < 100) value = Math.max(1, value) * 100;
    else if (w === 'thousand' && value < 1000) value = Math.max(1, value) * 1000;
    else if (w === 'and' && value >= 100 && value % 100 === 0 && small(wordOf(all[end + 1])) !== undefined)
      continue;
    else break;
    seen = true;
  }
  return seen && end > at ? { value, end } : undefined;
}
const small = (w: string): number | undefined =>
  Object.hasOwn(ONES, w) ? ONES[w] : Object.hasOwn(TENS, w) ? TENS[w] : undefined;
const wordOf = (t: Token | undefined): string => (t?.kind === 'word' ? t.word : '');
/** "twenty five", "two hundred five"; never "two three". */
const fitsAfter = (value: number, next: number, seen: boolean): boolean =>
  !seen || (value % 100 === 0 && value > 0) || (value % 10 === 0 && value % 100 >= 20 && next < 10);

/** "2-3", "2 to 3", "2 or 3", "between 2 and 3": one number with an upper end. */
function ranged(all: readonly Token[]): Token[] {
  const out: Token[] = [];
  for (let i = 0; i < all.length; i++) {
    const between = isWord(all[i], 'between', 'from');
    const a = all[between ? i + 1 : i];
    const join = all[between ? i + 2 : i + 1];
    const b = all[between ? i + 3 : i + 2];
    const joins =
      isWord(join, 'to', 'or', ...(between ? ['and'] : [])) || (join?.kind === 'mark' && join.word === '-');
    if (a?.kind === 'number' && b?.kind === 'number' && joins && a.value < b.value && a.high === undefined) {
      const said = `${a.said} ${join?.said ?? ''} ${b.said}`;
      out.push({
        kind: 'number',
        value: a.value,
        high: b.value,
        said,
        ...(b.other ? { other: b.other } : {})
      });
      i += between ? 3 : 2;
    } else out.push(all[i]!);
  }
  return out;
}

/** A number alone, as said; undefined for what is none. Example: `readNumber('1½')` is `1.5`. */
export function readNumber(said: string): number | undefined {
  const [t, ...more] = tokens(said);
  return t?.kind === 'number' && more.length === 0 && t.high === undefined ? t.value : undefined;
}
