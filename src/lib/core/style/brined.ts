import { STEP } from './steps';
import type { TableStyle } from './types';

const TANNIN = { name: 'Oak, cherry or grape leaf, for crunch (one you know, unsprayed)', amount: 1, unit: 'leaf', per: 'jar', optional: true } as const;

/** Styles of pieces and whole fruit in brine. Common practice, no source. */
export const BRINED_STYLES: readonly TableStyle[] = [
  {
    id: 'pieces',
    name: 'Pieces in brine',
    salting: 'brine',
    alsoSalting: [],
    produce: ['kohlrabi', 'turnip', 'carrot', 'cauliflower', 'green-bean', 'garlic', 'onion', 'brussels-sprout', 'beet', 'radish-small', 'radish-daikon', 'celery', 'celeriac', 'tomato-green', 'cucumber-small', 'zucchini', 'parsnip', 'pumpkin', 'broccoli-stem', 'fennel', 'okra', 'shallot', 'eggplant', 'tomatillo'],
    cuts: ['chunk', 'spear', 'coin', 'floret', 'half', 'upright', 'cherry', 'strip', 'ring', 'whole'],
    salt: { from: 0.02, to: 0.035 },
    usualSalt: 0.025,
    cropSalt: { 'cucumber-small': 0.03 },
    hotBrine: false,
    counterDays: { from: 5, to: 21 },
    coldMonths: { from: 3, to: 9 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'wash', does: 'wash-trim', minutesPerKg: 6 },
      STEP.cut,
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'pack-tight', minutesPerKg: 6 },
      STEP.pour,
      STEP.cover,
      STEP.label
    ],
    additions: [
      TANNIN,
      { name: 'Mustard seed', amount: 4, unit: 'g', per: 'kg', optional: true },
      { name: 'Garlic', amount: 2, unit: 'clove', per: 'jar', optional: true }
    ],
    notes: { 'green-bean': 'beans-toxin', 'tomato-green': 'slit', 'cucumber-small': 'blossom-end' },
    source: 'common practice, no source'
  },
  {
    id: 'short-cucumbers',
    name: 'Short brined cucumbers',
    salting: 'brine',
    alsoSalting: [],
    produce: ['cucumber-small', 'zucchini'],
    cuts: ['upright'],
    salt: { from: 0.015, to: 0.025 },
    usualSalt: 0.02,
    cropSalt: {},
    hotBrine: true,
    counterDays: { from: 2, to: 4 },
    coldMonths: { from: 0.5, to: 1 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'wash', does: 'soak', minutesPerKg: 6 },
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'stand-upright', minutesPerKg: 5 },
      { ...STEP.pour, caution: 'hot-brine' },
      { ...STEP.cover, does: 'cover-saucer' },
      STEP.label
    ],
    additions: [
      { name: 'Dill head', amount: 1, unit: 'head', per: 'jar', optional: false },
      { name: 'Garlic', amount: 3, unit: 'clove', per: 'jar', optional: true },
      TANNIN
    ],
    notes: { 'cucumber-small': 'blossom-end' },
    source: 'common practice, no source'
  },
  {
    id: 'soft-fruit',
    name: 'Soft fruit vegetables in brine',
    salting: 'brine',
    alsoSalting: [],
    produce: ['tomato-cherry', 'tomato-ripe', 'tomatillo', 'eggplant'],
    cuts: ['cherry', 'half'],
    salt: { from: 0.02, to: 0.03 },
    usualSalt: 0.025,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 10, to: 28 },
    coldMonths: { from: 6, to: 11 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      STEP.wash,
      { id: 'cut', does: 'cut-stem-end', minutesPerKg: 8, caution: 'small-knife' },
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'pack-fruit', minutesPerKg: 5 },
      STEP.pour,
      STEP.cover,
      STEP.label
    ],
    additions: [
      { name: 'Garlic', amount: 3, unit: 'clove', per: 'jar', optional: true },
      { name: 'Basil or dill', amount: 1, unit: 'sprig', per: 'jar', optional: true }
    ],
    notes: { 'tomato-cherry': 'slit', 'tomato-ripe': 'tomatoes-fall' },
    source: 'common practice, no source'
  },
  {
    id: 'sliced-peppers',
    name: 'Sliced peppers',
    salting: 'brine',
    alsoSalting: ['dry'],
    produce: ['pepper-wax', 'pepper-bell-ripe', 'pepper-bell-green', 'pepper-paprika', 'pepper-poblano', 'pepper-jalapeno', 'pepper-serrano', 'onion', 'onion-red', 'carrot', 'garlic'],
    cuts: ['ring', 'strip', 'chunk'],
    salt: { from: 0.02, to: 0.035 },
    usualSalt: 0.027,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 5, to: 14 },
    coldMonths: { from: 3, to: 9 },
    pHDays: { usual: 7, cool: 10 },
    steps: [STEP.wash, STEP.cutHot, STEP.weigh, STEP.rub, STEP.brine, { id: 'pack', does: 'pack-rings', minutesPerKg: 5 }, STEP.pour, STEP.cover, STEP.label],
    additions: [
      { name: 'Garlic', amount: 2, unit: 'clove', per: 'jar', optional: true },
      { name: 'Oregano', amount: 1, unit: 'sprig', per: 'jar', optional: true }
    ],
    notes: {},
    source: 'common practice, no source'
  }
];
