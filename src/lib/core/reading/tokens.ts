import type { NumberToken, Token, WordToken } from './token';
import { worded, isWord } from './word-numbers';

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
