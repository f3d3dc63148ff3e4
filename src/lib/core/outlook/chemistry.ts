import { likeOf } from '../produce/index';

/** What the flesh of a crop brings to the souring. */
export interface Chemistry {
  /** Sugar that can be soured, g/kg. */
  readonly sugar: number;
  /** Straight-line buffer, mmol per kg and pH unit. */
  readonly buffer: number;
  readonly pH: number;
  /** Titratable acidity, % as lactic. */
  readonly acidity: number;
}

type Row = readonly [ids: string, sugar: number, buffer: number, pH: number, acidity: number];

/**
 * Flesh by crop. Sugar: of the crops that a reference jar was fit with (cabbage, leaf cabbage, cucumber, carrot, cauliflower
 * and its like, sprouts, beet, peppers, tomato, onion, apple, pineapple, garlic) from remembered food composition, tuned with
 * the jars; of the others SR24 (USDA National Nutrient Database, release 24), g per kg. Buffer, pH and acidity of those others
 * are taken for their kin: set, no source. A household's own readings replace all of it.
 */
const ROWS: readonly Row[] = [
  ['cabbage-white cabbage-red cabbage-pointed', 40, 23, 6.1, 0.1],
  ['cabbage-napa', 28, 23, 5.7, 0.22],
  ['pak-choi', 12, 22, 6.1, 0.1],
  ['mustard-greens', 14, 22, 6.0, 0.1],
  ['kale', 18, 24, 6.1, 0.11],
  ['kohlrabi', 26, 22, 6.0, 0.09],
  ['radish-small radish-daikon cauliflower green-bean broccoli-stem', 22, 22, 6.0, 0.09],
  ['turnip', 38, 22, 6.0, 0.09],
  ['beet', 70, 22, 6.0, 0.09],
  ['carrot', 50, 20, 6.0, 0.08],
  ['parsnip', 48, 20, 6.0, 0.08],
  ['celery', 18, 20, 5.8, 0.08],
  ['celeriac', 16, 22, 6.0, 0.08],
  ['fennel', 39, 20, 5.9, 0.08],
  ['brussels-sprout', 28, 24, 6.1, 0.11],
  ['cucumber-small', 22, 16, 5.7, 0.05],
  ['zucchini', 25, 16, 5.8, 0.06],
  ['pumpkin', 22, 20, 5.7, 0.08],
  ['eggplant', 24, 20, 5.6, 0.09],
  ['okra', 14, 24, 6.2, 0.08],
  ['tomato-ripe', 28, 33, 4.45, 0.42],
  ['tomato-cherry', 32, 33, 4.4, 0.45],
  ['tomato-green tomatillo', 40, 33, 4.2, 0.5],
  ['pepper-bell-ripe pepper-paprika', 42, 25, 5.2, 0.13],
  ['pepper-bell-green pepper-wax pepper-poblano', 26, 25, 5.2, 0.13],
  ['pepper-jalapeno pepper-serrano', 40, 25, 5.2, 0.14],
  ['pepper-cayenne pepper-thai pepper-habanero', 45, 25, 5.2, 0.14],
  ['onion onion-red', 45, 18, 5.5, 0.12],
  ['shallot', 79, 18, 5.5, 0.12],
  ['leek', 39, 18, 5.8, 0.1],
  ['spring-onion', 23, 18, 5.6, 0.1],
  ['garlic', 20, 30, 6.0, 0.15],
  ['ginger', 17, 25, 5.9, 0.1],
  ['horseradish', 50, 25, 5.6, 0.15],
  ['turmeric', 20, 25, 5.9, 0.1],
  ['apple pear', 100, 12, 3.6, 0.45],
  ['peach', 84, 14, 3.7, 0.5],
  ['mango', 137, 14, 4.2, 0.4],
  ['pineapple', 95, 16, 3.6, 0.65]
];

const BY_CROP: ReadonlyMap<string, Chemistry> = new Map(
  ROWS.flatMap(([ids, sugar, buffer, pH, acidity]) =>
    ids.split(' ').map((id) => [id, { sugar, buffer, pH, acidity }] as const)
  )
);

/** What no row knows counts as a root: sugar 30, buffer 21. Set. */
const UNKNOWN_CROP: Chemistry = { sugar: 30, buffer: 21, pH: 5.9, acidity: 0.1 };

/**
 * The flesh of a crop; an own crop is what it is like, with its own sugar where the household knows it.
 * @param sugar share of the prepared part, as the household says; absent: as the table has it
 */
export function chemistryOf(cropId: string, sugar?: number | null): Chemistry {
  const row = BY_CROP.get(likeOf(cropId)) ?? UNKNOWN_CROP;
  return sugar === undefined || sugar === null ? row : { ...row, sugar: sugar * 1000 };
}
