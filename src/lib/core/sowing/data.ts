/** How a crop is sown and picked. */
export interface GrowsAs {
  readonly id: string;
  /** From sowing to the first pick, days. */
  readonly days: number;
  /** So many weeks it is picked. */
  readonly weeks: number;
  /** All of it from a metre of row, kg. */
  readonly kgPerMetre: number;
  /** From plant to plant, m. */
  readonly apartM: number;
  /** A frost ends it. */
  readonly tender: boolean;
  /** Picked over and over, most in the middle; else as much each week. */
  readonly swells: boolean;
}

/**
 * Sowing to picking in a temperate garden. All figures: common practice, no source; a household's own numbers and seasons win.
 * Trees and what is bought stand in no bed of this table: their weight is said.
 */
export const GROWS: readonly GrowsAs[] = [
  { id: 'cabbage-white', days: 110, weeks: 5, kgPerMetre: 2.5, apartM: 0.5, tender: false, swells: false },
  { id: 'cabbage-red', days: 115, weeks: 5, kgPerMetre: 2.3, apartM: 0.5, tender: false, swells: false },
  { id: 'cabbage-pointed', days: 85, weeks: 3, kgPerMetre: 2, apartM: 0.4, tender: false, swells: false },
  { id: 'cabbage-napa', days: 70, weeks: 3, kgPerMetre: 2.5, apartM: 0.35, tender: false, swells: false },
  { id: 'pak-choi', days: 45, weeks: 2, kgPerMetre: 1.5, apartM: 0.2, tender: false, swells: false },
  { id: 'mustard-greens', days: 45, weeks: 5, kgPerMetre: 1.2, apartM: 0.2, tender: false, swells: true },
  { id: 'kohlrabi', days: 60, weeks: 3, kgPerMetre: 1.5, apartM: 0.25, tender: false, swells: false },
  { id: 'radish-small', days: 28, weeks: 2, kgPerMetre: 0.6, apartM: 0.04, tender: false, swells: false },
  { id: 'radish-daikon', days: 65, weeks: 4, kgPerMetre: 2.5, apartM: 0.15, tender: false, swells: false },
  { id: 'turnip', days: 55, weeks: 4, kgPerMetre: 1.6, apartM: 0.15, tender: false, swells: false },
  { id: 'beet', days: 75, weeks: 8, kgPerMetre: 1.8, apartM: 0.1, tender: false, swells: false },
  { id: 'carrot', days: 85, weeks: 8, kgPerMetre: 1.8, apartM: 0.04, tender: false, swells: false },
  { id: 'parsnip', days: 130, weeks: 12, kgPerMetre: 1.6, apartM: 0.12, tender: false, swells: false },
  { id: 'celery', days: 110, weeks: 5, kgPerMetre: 2.5, apartM: 0.3, tender: false, swells: false },
  { id: 'celeriac', days: 150, weeks: 5, kgPerMetre: 2, apartM: 0.35, tender: false, swells: false },
  { id: 'cauliflower', days: 90, weeks: 2, kgPerMetre: 1.8, apartM: 0.5, tender: false, swells: false },
  { id: 'broccoli-stem', days: 85, weeks: 3, kgPerMetre: 0.4, apartM: 0.5, tender: false, swells: false },
  { id: 'brussels-sprout', days: 140, weeks: 10, kgPerMetre: 1.5, apartM: 0.6, tender: false, swells: false },
  { id: 'kale', days: 65, weeks: 14, kgPerMetre: 1.5, apartM: 0.4, tender: false, swells: true },
  { id: 'green-bean', days: 60, weeks: 6, kgPerMetre: 1.2, apartM: 0.1, tender: true, swells: true },
  { id: 'cucumber-small', days: 55, weeks: 7, kgPerMetre: 2.5, apartM: 0.3, tender: true, swells: true },
  { id: 'zucchini', days: 52, weeks: 11, kgPerMetre: 5, apartM: 0.9, tender: true, swells: true },
  { id: 'pumpkin', days: 105, weeks: 2, kgPerMetre: 3, apartM: 1, tender: true, swells: false },
  { id: 'tomato-ripe', days: 110, weeks: 10, kgPerMetre: 4, apartM: 0.5, tender: true, swells: true },
  { id: 'tomato-cherry', days: 100, weeks: 11, kgPerMetre: 3, apartM: 0.5, tender: true, swells: true },
  { id: 'tomato-green', days: 150, weeks: 2, kgPerMetre: 1, apartM: 0.5, tender: true, swells: false },
  { id: 'tomatillo', days: 95, weeks: 9, kgPerMetre: 2, apartM: 0.6, tender: true, swells: true },
  { id: 'pepper-bell-green', days: 100, weeks: 9, kgPerMetre: 1.5, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-bell-ripe', days: 120, weeks: 7, kgPerMetre: 1.3, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-wax', days: 100, weeks: 9, kgPerMetre: 1.3, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-paprika', days: 120, weeks: 7, kgPerMetre: 1.2, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-poblano', days: 110, weeks: 7, kgPerMetre: 1.2, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-jalapeno', days: 100, weeks: 9, kgPerMetre: 1.2, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-serrano', days: 110, weeks: 8, kgPerMetre: 0.9, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-cayenne', days: 115, weeks: 8, kgPerMetre: 0.7, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-thai', days: 120, weeks: 8, kgPerMetre: 0.5, apartM: 0.4, tender: true, swells: true },
  { id: 'pepper-habanero', days: 130, weeks: 7, kgPerMetre: 0.7, apartM: 0.4, tender: true, swells: true },
  { id: 'onion', days: 120, weeks: 2, kgPerMetre: 1.5, apartM: 0.1, tender: false, swells: false },
  { id: 'onion-red', days: 120, weeks: 2, kgPerMetre: 1.4, apartM: 0.1, tender: false, swells: false },
  { id: 'shallot', days: 105, weeks: 2, kgPerMetre: 1.2, apartM: 0.15, tender: false, swells: false },
  { id: 'leek', days: 150, weeks: 12, kgPerMetre: 1.8, apartM: 0.15, tender: false, swells: false },
  { id: 'spring-onion', days: 60, weeks: 5, kgPerMetre: 0.8, apartM: 0.03, tender: false, swells: false },
  { id: 'garlic', days: 260, weeks: 2, kgPerMetre: 0.8, apartM: 0.12, tender: false, swells: false },
  { id: 'ginger', days: 240, weeks: 4, kgPerMetre: 1, apartM: 0.25, tender: true, swells: false },
  { id: 'horseradish', days: 220, weeks: 8, kgPerMetre: 1, apartM: 0.4, tender: false, swells: false },
  { id: 'turmeric', days: 270, weeks: 4, kgPerMetre: 0.8, apartM: 0.25, tender: true, swells: false },
  { id: 'fennel', days: 80, weeks: 3, kgPerMetre: 1.5, apartM: 0.25, tender: false, swells: false },
  { id: 'eggplant', days: 110, weeks: 8, kgPerMetre: 1.8, apartM: 0.5, tender: true, swells: true },
  { id: 'okra', days: 60, weeks: 9, kgPerMetre: 1, apartM: 0.4, tender: true, swells: true }
];

/** What was raised in pots is so much further when it is planted out, days. Common practice, no source. */
export const RAISED_DAYS = 35;
/** But no sooner than so many days after. */
export const SOONEST_DAYS = 20;
