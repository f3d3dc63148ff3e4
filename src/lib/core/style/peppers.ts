import { STEP } from './steps';
import type { TableStyle } from './types';

const CHILLIES = ['pepper-cayenne', 'pepper-jalapeno', 'pepper-serrano', 'pepper-habanero', 'pepper-thai', 'pepper-paprika', 'pepper-bell-ripe', 'pepper-poblano', 'pepper-wax'] as const;

/** Styles that end as a sauce or a paste. Common practice, no source. */
export const PEPPER_STYLES: readonly TableStyle[] = [
  {
    id: 'pepper-sauce',
    name: 'Pepper sauce, brined',
    salting: 'brine',
    alsoSalting: ['dry'],
    produce: [...CHILLIES, 'pear', 'apple', 'peach', 'mango', 'pineapple', 'onion', 'shallot', 'garlic', 'ginger', 'carrot', 'turmeric'],
    cuts: ['ring', 'strip', 'chunk'],
    salt: { from: 0.02, to: 0.035 },
    usualSalt: 0.03,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 7, to: 30 },
    coldMonths: { from: 6, to: 12 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      STEP.wash,
      STEP.cutHot,
      STEP.weigh,
      STEP.rub,
      STEP.brine,
      { id: 'pack', does: 'pack-fruit-low', minutesPerKg: 5 },
      STEP.pour,
      STEP.cover,
      STEP.label,
      { id: 'blend', does: 'blend-with-brine', minutesPerKg: 15, caution: 'vapour', afterDays: 7 }
    ],
    additions: [
      { name: 'Garlic', amount: 20, unit: 'g', per: 'kg', optional: true },
      { name: 'Bay leaf', amount: 1, unit: 'leaf', per: 'jar', optional: true }
    ],
    notes: {},
    source: 'common practice, no source'
  },
  {
    id: 'pepper-mash',
    name: 'Pepper mash',
    salting: 'dry',
    alsoSalting: [],
    produce: [...CHILLIES, 'garlic', 'onion'],
    cuts: ['mash'],
    salt: { from: 0.03, to: 0.06 },
    usualSalt: 0.042,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 14, to: 60 },
    coldMonths: { from: 12, to: 24 },
    pHDays: { usual: 10, cool: 14 },
    steps: [
      STEP.wash,
      { ...STEP.cutHot, does: 'grind' },
      STEP.weigh,
      { id: 'salt', does: 'stir-salt', minutesPerKg: 3, only: 'dry' },
      { id: 'pack', does: 'fill-mash', minutesPerKg: 3 },
      { ...STEP.cover, does: 'cover-mash' },
      STEP.label,
      { id: 'blend', does: 'blend', minutesPerKg: 15, caution: 'vapour', afterDays: 14 }
    ],
    additions: [{ name: 'Garlic', amount: 10, unit: 'g', per: 'kg', optional: true }],
    notes: {},
    source: 'common practice, no source'
  }
];
