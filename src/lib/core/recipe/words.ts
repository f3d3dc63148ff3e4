import type { OwnCrops } from '../produce/index';
import { cropNamed } from '../reading/index';

const ALLERGENS: readonly (readonly [RegExp, string])[] = [
  [/mustard/, 'mustard'],
  [/celer(y|iac)/, 'celery'],
  [/sesame|tahini/, 'sesame'],
  [/fish|anchov/, 'fish'],
  [/shrimp|prawn|crab/, 'shellfish'],
  [/soy/, 'soy, often wheat'],
  [/miso|tofu/, 'soy'],
  [/oyster/, 'shellfish, often wheat'],
  [/\begg/, 'egg'],
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

/** Heat of a name, 0-5. Example: `heatOf('chilli flakes', [])` is `3`. */
export function heatOf(name: string, own: OwnCrops): number {
  const c = cropNamed(name, own);
  if (c) return c.heat;
  return /chilli|chili|cayenne|hot pepper/.test(name.toLowerCase()) ? 3 : 0;
}
