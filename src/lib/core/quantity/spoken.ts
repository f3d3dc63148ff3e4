import { NUMBER_WORDS } from './number-words';

const ONES =
  'an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty|fifty';

/**
 * A number as people say it inside a phrase, as a pattern: "1 1/2", "¾" made plain, "half a", "three". A word is a whole
 * word: an apple is not one pple.
 */
export const SPOKEN_NUMBER = String.raw`(\d+ \d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|(?:half an?|a quarter|a hundred|half|quarter|hundred|${ONES})(?![a-z]))`;

const MIXED = new RegExp(String.raw`\b(\d+|${ONES}) and an? (half|quarter)\b`, 'g');
const MIXED_AFTER = new RegExp(String.raw`\b(\d+|${ONES}) ([a-z]+) and an? (half|quarter)\b`, 'g');
const HUNDREDS = new RegExp(String.raw`\b(\d|${ONES}) hundred\b(?= [a-z])`, 'g');
const WORDED = new RegExp(String.raw`\b(half an?|half|a quarter(?: of an?)?|${ONES})(?= [a-z])`, 'g');

const PART: Record<string, string> = { half: '1/2', quarter: '1/4' };

/** "Two and a half", "a pound and a half" with their fraction in figures. Example: `mixedNumbers('two and a half lb')` is `'2 1/2 lb'`. */
export const mixedNumbers = (t: string): string =>
  t
    .replace(MIXED, (_, n: string, part: string) => `${spokenNumber(n)} ${PART[part]}`)
    .replace(
      MIXED_AFTER,
      (_, n: string, unit: string, part: string) => `${spokenNumber(n)} ${PART[part]} ${unit}`
    );

/**
 * Amounts said in words, in figures; lower case. A word counts only before a word, so that "one 200 g" is not made
 * 1 200. Example: `inFigures('two pounds three ounces')` is `'2 pounds 3 ounces'`.
 */
export const inFigures = (t: string): string =>
  mixedNumbers(t)
    .replace(HUNDREDS, (_, n: string) => String(spokenNumber(n) * 100))
    .replace(WORDED, (n) => {
      const part = /^half/.test(n) ? 'half' : /^a quarter/.test(n) ? 'quarter' : '';
      return PART[part] ?? String(spokenNumber(n));
    });

const GLYPHS = [
  ['½', '1/2'],
  ['¼', '1/4'],
  ['¾', '3/4'],
  ['⅓', '1/3'],
  ['⅔', '2/3']
] as const;

/**
 * A phrase made plain for reading: lower case, ordinary spaces and dashes, fractions spelt out, the percent sign apart.
 * Example: `plainPhrase('1½ tbsp  to 2%')` is `'1 1/2 tbsp to 2 %'`.
 */
export function plainPhrase(text: string): string {
  let t = ` ${text.toLowerCase()} `.replace(/[\u00a0\u202f]/g, ' ');
  for (const [glyph, plain] of GLYPHS) t = t.replaceAll(glyph, ` ${plain}`);
  return mixedNumbers(
    t
      .replace(/(\d)\s*%/g, '$1 %')
      .replace(/[\u2012-\u2015]/g, '-')
      // "1-1/2 tsp" and "one and a half" are no range and no sum.
      .replace(/\b(\d+)-(\d\/\d)/g, '$1 $2')
      .replace(/\s+/g, ' ')
      .trim()
  );
}

/** What a spoken number is; NaN for what is none. Example: `spokenNumber('1 1/2')` is `1.5`, `spokenNumber('half a')` is `0.5`. */
export function spokenNumber(said: string): number {
  const word = NUMBER_WORDS[said.trim()];
  if (word !== undefined) return word;
  const [whole = '', fraction] = said.trim().split(' ');
  const value = (t: string) =>
    t.includes('/') ? Number(t.split('/')[0]) / Number(t.split('/')[1]) : Number(t.replace(',', '.'));
  return value(whole) + (fraction ? value(fraction) : 0);
}
