import { NUMBER_WORDS } from './number-words';

/** A number as people say it inside a phrase, as a pattern: "1 1/2", "¾" made plain, "half a", "three". */
export const SPOKEN_NUMBER = String.raw`(\d+ \d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|half an?|a quarter|a hundred|half|quarter|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|hundred)`;

const MIXED = /\b(\d+|one|two|three|four|five|six|seven|eight|nine|ten) and an? (half|quarter)\b/g;

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
  return (
    t
      .replace(/(\d)\s*%/g, '$1 %')
      .replace(/[\u2012-\u2015]/g, '-')
      // "1-1/2 tsp" and "one and a half" are no range and no sum.
      .replace(/\b(\d+)-(\d\/\d)/g, '$1 $2')
      .replace(MIXED, (_, n: string, part: string) => `${spokenNumber(n)} ${part === 'half' ? '1/2' : '1/4'}`)
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
