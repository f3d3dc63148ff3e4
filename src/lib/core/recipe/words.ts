import { crop, CROPS, type Crop } from '../produce/index';
import { SALTY, type SaltyIngredient } from '../salt/index';

/** What people call crops beside the name in the table. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'cabbage-white': ['cabbage', 'kraut cabbage'],
  'cabbage-napa': ['napa cabbage', 'napa', 'leaf cabbage', 'chinese cabbage'],
  'cucumber-small': ['cucumber', 'small cucumber'],
  'radish-daikon': ['daikon', 'white radish', 'winter radish'],
  'green-bean': ['bean', 'string bean'],
  'spring-onion': ['scallion'],
  'tomato-cherry': ['cherry tomato'],
  'tomato-ripe': ['tomato'],
  'pepper-wax': ['wax pepper'],
  'pepper-bell-ripe': ['sweet pepper', 'red pepper', 'bell pepper'],
  'pepper-bell-green': ['green pepper'],
  'pepper-jalapeno': ['jalapeno'],
  'pepper-cayenne': ['cayenne pepper', 'hot pepper'],
  'brussels-sprout': ['sprout', 'brussels sprouts'],
  celeriac: ['celery root'],
  zucchini: ['courgette'],
  eggplant: ['aubergine'],
  beet: ['beetroot', 'golden beet']
};

const singular = (word: string): string =>
  word
    .replace(/(tomato|potato|mango)es$/, '$1')
    .replace(/leaves$/, 'leaf')
    .replace(/ies$/, 'y')
    .replace(/(sh|ch|x)es$/, '$1')
    .replace(/([^s])s$/, '$1');

const plain = (name: string): string =>
  name
    .toLowerCase()
    .replaceAll('ñ', 'n')
    .replace(/[^a-z ,]/g, ' ')
    .split(/[ ,]+/)
    .filter(Boolean)
    .map(singular)
    .join(' ');

const cropNames: readonly (readonly [string, string])[] = CROPS.flatMap((c): [string, string][] => [
  [plain(c.name), c.id],
  ...(ALSO[c.id] ?? []).map((n): [string, string] => [plain(n), c.id])
]).sort((a, b) => b[0].length - a[0].length);

/** Things made of a crop that are no longer it. */
const NOT_A_CROP = /\b(seed|leaf|leave|powder|flake|dried|salt|sauce|oil|vinegar|juice|zest|brine)\b/;

/** The crop that a name on a card means. Example: `cropNamed('white cabbages')?.id` is `'cabbage-white'`; `'celery seed'` is none. */
export function cropNamed(name: string): Crop | undefined {
  const said = plain(name);
  if (NOT_A_CROP.test(said) && !/\b(spring onion|leaf cabbage)\b/.test(said)) return undefined;
  const found = cropNames.find(([n]) => said === n || ` ${said} `.includes(` ${n} `));
  return found && crop(found[1]);
}

const saltyNames: readonly (readonly [string, SaltyIngredient])[] = SALTY.map(
  (s) => [plain(s.name.split(',')[0] ?? s.name), s] as const
).sort((a, b) => b[0].length - a[0].length);

/** The salty or drinking ingredient that a name means. Example: `saltyNamed('fish sauce')?.id` is `'fish-sauce'`. */
export function saltyNamed(name: string): SaltyIngredient | undefined {
  const said = plain(name);
  if (/\bwhey\b/.test(said)) return SALTY.find((s) => s.id === 'whey');
  if (/\bchilli flake\b/.test(said)) return SALTY.find((s) => s.id === 'dried-chilli');
  return saltyNames.find(([n]) => said.includes(n))?.[1];
}

const ALLERGENS: readonly (readonly [RegExp, string])[] = [
  [/mustard/, 'mustard'],
  [/celer(y|iac)/, 'celery'],
  [/sesame|tahini/, 'sesame'],
  [/fish|anchov/, 'fish'],
  [/shrimp|prawn|crab/, 'shellfish'],
  [/soy|miso|tofu/, 'soy'],
  [/whey|yoghurt|milk/, 'milk'],
  [/peanut/, 'peanut'],
  [/walnut|almond|hazel|cashew/, 'nuts'],
  [/wheat|flour|barley/, 'gluten']
];

/** The allergen to name on the lid; empty: none that the table knows. Example: `allergenOf('mustard seed')` is `'mustard'`. */
export const allergenOf = (name: string): string =>
  ALLERGENS.find(([r]) => r.test(name.toLowerCase()))?.[1] ?? '';

/**
 * The allergens of several things, each once.
 * Example: `allergensOf(['celery', 'carrot', 'mustard seed', 'celeriac'])` is `['celery', 'mustard']`.
 */
export const allergensOf = (names: readonly string[]): string[] => [
  ...new Set(names.map(allergenOf).filter((a) => a !== ''))
];

/** Heat of a name, 0-5. Example: `heatOf('chilli flakes')` is `3`. */
export function heatOf(name: string): number {
  const c = cropNamed(name);
  if (c) return c.heat;
  return /chilli|chili|cayenne|hot pepper/.test(name.toLowerCase()) ? 3 : 0;
}
