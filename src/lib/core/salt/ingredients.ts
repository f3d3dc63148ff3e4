/** An ingredient that brings salt or water of its own, or drinks it, which must be counted. */
export interface SaltyIngredient {
  readonly id: string;
  readonly name: string;
  /** NaCl and water as mass fractions; the range makers have. */
  readonly nacl: number;
  readonly naclLow: number;
  readonly naclHigh: number;
  readonly moisture: number;
  readonly density: number;
  /** Dried: water it drinks in the jar, g per g; 0 for what is moist already. */
  readonly drinks: number;
  /** Allergen to name on the lid, if any. */
  readonly allergen: string;
  readonly source: string;
}

const row = (
  id: string,
  name: string,
  nacl: number,
  naclLow: number,
  naclHigh: number,
  moisture: number,
  density: number,
  allergen: string,
  source: string,
  drinks = 0
): SaltyIngredient => ({
  id,
  name,
  nacl,
  naclLow,
  naclHigh,
  moisture,
  density,
  drinks,
  allergen,
  source
});

const SR = 'P: SR24 sodium × 2.5421';

/** Ingredients that bring salt. Marks: P read from USDA SR24 (public domain), CP common practice, no source. */
export const SALTY: readonly SaltyIngredient[] = [
  row('fish-sauce', 'Fish sauce', 0.1996, 0.164, 0.214, 0.711, 1.217, 'fish', SR),
  row('soy-sauce', 'Soy sauce', 0.143, 0.12, 0.167, 0.708, 1.078, 'soy, often wheat', SR),
  row('miso', 'Miso', 0.0948, 0.08, 0.13, 0.43, 1.1, 'soy', SR),
  row(
    'kraut-brine',
    'Brine of a sour batch',
    0.02,
    0.015,
    0.03,
    0.96,
    1.01,
    '',
    'CP: its own batch says better'
  ),
  row('salted-shrimp', 'Salted shrimp', 0.25, 0.2, 0.3, 0.6, 1.15, 'shellfish', 'CP'),
  row('celery-salt', 'Celery salt', 0.75, 0.7, 0.8, 0.02, 1.1, 'celery', 'CP'),
  row('olives', 'Olives, drained', 0.035, 0.02, 0.06, 0.75, 1.0, '', 'CP'),
  row('wakame', 'Seaweed, fresh', 0.022, 0.01, 0.03, 0.8, 1.0, '', SR),
  row('dried-tomato', 'Dried tomatoes', 0.025, 0.003, 0.05, 0.15, 0.9, '', 'CP: ask the packet', 1.3),
  row('dried-seaweed', 'Seaweed, dried', 0.06, 0.02, 0.1, 0.08, 0.6, '', 'CP: ask the packet', 5),
  row('dried-mushroom', 'Mushrooms, dried', 0.001, 0, 0.002, 0.1, 0.4, '', 'CP', 4),
  row('dried-chilli', 'Chilli flakes, dried', 0.001, 0, 0.003, 0.1, 0.5, '', 'CP', 1.5),
  row(
    'spare-brine',
    'Starter: spare brine',
    0.025,
    0.015,
    0.035,
    0.965,
    1.01,
    '',
    'CP: its own batch says better'
  ),
  row('whey', 'Whey, drained from yoghurt', 0.002, 0, 0.004, 0.93, 1.02, 'milk', 'CP')
];

/** Example: `saltyIngredient('fish-sauce')?.nacl` is `0.1996`. */
export function saltyIngredient(id: string): SaltyIngredient | undefined {
  return SALTY.find((s) => s.id === id);
}

/** What ingredients bring: pure salt and water, g, and the room they take, ml. */
export interface Brought {
  readonly naclG: number;
  readonly naclSd: number;
  readonly waterG: number;
  readonly massG: number;
  readonly volumeMl: number;
  /** Water that dried things take up, g. It stays in the jar, but no longer as brine or juice. */
  readonly drinksG: number;
}

export const NOTHING_BROUGHT: Brought = { naclG: 0, naclSd: 0, waterG: 0, massG: 0, volumeMl: 0, drinksG: 0 };

/** Nine times in ten the maker's figure lies in the range: half of it over this is one sd. */
const RANGE_SDS = 2 * 1.6448536269514722;

/**
 * Adds up what salty ingredients bring. Example: 60 ml (73.02 g) of fish sauce bring 14.57 g salt in 51.9 g water.
 */
export function brought(extras: readonly { readonly id: string; readonly g: number }[]): Brought {
  return extras.reduce<Brought>((sum, e) => {
    const s = saltyIngredient(e.id);
    if (!s) return sum;
    return {
      naclG: sum.naclG + e.g * s.nacl,
      naclSd: Math.hypot(sum.naclSd, (e.g * (s.naclHigh - s.naclLow)) / RANGE_SDS),
      waterG: sum.waterG + e.g * s.moisture,
      massG: sum.massG + e.g,
      volumeMl: sum.volumeMl + e.g / s.density,
      drinksG: sum.drinksG + e.g * s.drinks
    };
  }, NOTHING_BROUGHT);
}
