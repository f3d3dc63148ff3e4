import type { Token } from './token';

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
export const isWord = (t: Token | undefined, ...words: string[]): boolean =>
  t?.kind === 'word' && words.includes(t.word);
const article = (t: Token | undefined): boolean => isWord(t, 'a', 'an');

/** Number words in the place of their words: "twenty-five", "two and a half", "three quarters of a", "half a dozen". */
export function worded(all: readonly Token[]): Token[] {
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
