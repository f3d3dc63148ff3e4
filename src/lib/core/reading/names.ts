import { CROPS, type Crop, type OwnCrops } from '../produce/index';
import { SALTY, type SaltyIngredient } from '../salt/index';
import { isWord, wordOf, type At } from './at';
import { tokens } from './tokens';
import type { Token } from './token';

/** What people call crops beside the name in the table. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'cabbage-white': ['cabbage', 'kraut cabbage', 'green cabbage'],
  'cabbage-pointed': ['cone cabbage', 'sweetheart cabbage', 'hispi'],
  'cabbage-napa': ['napa cabbage', 'napa', 'leaf cabbage', 'chinese cabbage', 'chinese leaf'],
  'cucumber-small': ['cucumber', 'small cucumber', 'cuke', 'pickling cucumber'],
  'radish-daikon': ['daikon', 'white radish', 'winter radish'],
  'green-bean': ['bean', 'string bean', 'french bean', 'runner bean'],
  'spring-onion': ['scallion', 'green onion'],
  'tomato-cherry': ['cherry tomato'],
  'tomato-ripe': ['tomato'],
  'pepper-wax': ['wax pepper'],
  'pepper-bell-ripe': ['sweet pepper', 'red pepper', 'bell pepper', 'capsicum'],
  'pepper-bell-green': ['green pepper', 'green bell pepper'],
  'pepper-jalapeno': ['jalapeno'],
  'pepper-cayenne': ['cayenne pepper', 'hot pepper'],
  'pak-choi': ['bok choy', 'bok choi', 'pak choy'],
  'brussels-sprout': ['sprout', 'brussels sprouts'],
  celeriac: ['celery root'],
  zucchini: ['courgette'],
  eggplant: ['aubergine'],
  beet: ['beetroot', 'golden beet'],
  onion: ['white onion', 'yellow onion', 'brown onion']
};

/** Example: `singular('tomatoes')` is `'tomato'`. */
export const singular = (word: string): string =>
  word
    .replace(/(tomato|potato|mango)es$/, '$1')
    .replace(/leaves$/, 'leaf')
    .replace(/halves$/, 'half')
    .replace(/ies$/, 'y')
    .replace(/(sh|ch|x)es$/, '$1')
    .replace(/([^s])s$/, '$1');

const plainWord = (w: string): string => singular(w.replaceAll('ñ', 'n'));
const plain = (name: string): string =>
  tokens(name)
    .flatMap((t) => (t.kind === 'word' ? [plainWord(t.word)] : []))
    .join(' ');

const cropNames: readonly (readonly [readonly string[], Crop])[] = CROPS.flatMap((c): [string[], Crop][] => [
  [plain(c.name).split(' '), c],
  ...(ALSO[c.id] ?? []).map((n): [string[], Crop] => [plain(n).split(' '), c])
]).sort((a, b) => b[0].length - a[0].length || b[0].join(' ').length - a[0].join(' ').length);

/** The names by their first word, the longest first. */
const namesFrom = new Map<string, (typeof cropNames)[number][]>();
for (const name of cropNames) {
  const first = name[0][0] ?? '';
  namesFrom.set(first, [...(namesFrom.get(first) ?? []), name]);
}

/** Things made of a crop that are no longer it. */
const NOT_A_CROP = new Set(
  'seed leaf leave powder flake dried salt sauce oil vinegar juice zest brine paste water'.split(' ')
);

const begins = (all: readonly Token[], at: number, words: readonly string[]): boolean =>
  words.every((w, i) => plainWord(wordOf(all[at + i])) === w);

/** What was typed, cut up, in a household that has crops of its own: where the name of one begins, its token says so. */
export function tokensOf(text: string, own: OwnCrops): Token[] {
  const all = tokens(text);
  if (own.length === 0) return all;
  const names = own
    .map((c) => ({ crop: c, words: plain(c.name).split(' ') }))
    .filter(({ words }) => words.join('') !== '')
    .sort((a, b) => Number(a.crop.retired ?? false) - Number(b.crop.retired ?? false))
    .sort((a, b) => b.words.length - a.words.length);
  return all.map((t, at) => {
    const found = t.kind === 'word' ? names.find(({ words }) => begins(all, at, words)) : undefined;
    return found && t.kind === 'word' ? { ...t, own: { crop: found.crop, words: found.words.length } } : t;
  });
}

/**
 * The crop that the words from there on name, the longest name first and the household's own before the table's; and none
 * that is made of one ("celery seed").
 */
export function cropAt(all: readonly Token[], at: number): At<Crop> | undefined {
  const t = all[at];
  const own = t?.kind === 'word' ? t.own : undefined;
  const known = (namesFrom.get(plainWord(wordOf(t))) ?? []).find(([words]) => begins(all, at, words));
  const found =
    own && own.words >= (known?.[0].length ?? 0)
      ? { value: own.crop, end: at + own.words }
      : known && { value: known[1], end: at + known[0].length };
  return found && !NOT_A_CROP.has(plainWord(wordOf(all[found.end]))) ? found : undefined;
}

/** The crop that a name on a card means. Example: `cropNamed('white cabbages', [])?.id` is `'cabbage-white'`; `'celery seed'` is none. */
export function cropNamed(name: string, own: OwnCrops): Crop | undefined {
  const all = tokensOf(name, own).filter((t) => t.kind === 'word');
  if (all.some((t) => NOT_A_CROP.has(plainWord(wordOf(t)))) && !all.some((_, i) => cropAt(all, i)))
    return undefined;
  const found = all.flatMap((_, i) => {
    const at = cropAt(all, i);
    return at ? [{ value: at.value, words: at.end - i }] : [];
  });
  const made = all.some((t) => NOT_A_CROP.has(plainWord(wordOf(t))));
  const longest = found.sort((a, b) => b.words - a.words)[0];
  return made && !isLeafCabbage(all) ? undefined : longest?.value;
}
const isLeafCabbage = (all: readonly Token[]): boolean =>
  all.some((t, i) => isWord(t, 'leaf') && plainWord(wordOf(all[i + 1])) === 'cabbage') ||
  all.some((t, i) => isWord(t, 'chinese') && isWord(all[i + 1], 'leaf'));

const saltyNames: readonly (readonly [string, SaltyIngredient])[] = SALTY.map(
  (s) => [plain(s.name.split(',')[0] ?? s.name), s] as const
).sort((a, b) => b[0].length - a[0].length);

/** The salty or drinking ingredient that a name means. Example: `saltyNamed('fish sauce')?.id` is `'fish-sauce'`. */
export function saltyNamed(name: string): SaltyIngredient | undefined {
  const said = plain(name);
  // Oil holds no salt, whatever it is pressed from.
  if (/\boil\b/.test(said)) return undefined;
  if (/\bwhey\b/.test(said)) return SALTY.find((s) => s.id === 'whey');
  if (/\bchill?i flake\b/.test(said)) return SALTY.find((s) => s.id === 'dried-chilli');
  return saltyNames.find(([n]) => ` ${said} `.includes(` ${n} `))?.[1];
}
