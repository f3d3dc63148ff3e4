import { STEP } from './steps';
import type { Style } from './types';

const CHILLIES = ['pepper-cayenne', 'pepper-jalapeno', 'pepper-serrano', 'pepper-habanero', 'pepper-thai', 'pepper-paprika', 'pepper-bell-ripe', 'pepper-poblano', 'pepper-wax'] as const;
const BLEND = 'Blending throws hot vapour: open a window, keep your face away, gloves on.';

/** Styles that end as a sauce or a paste. Common practice, no source. */
export const PEPPER_STYLES: readonly Style[] = [
  {
    id: 'pepper-sauce',
    name: 'Pepper sauce, brined',
    says: 'Sliced chillies with fruit, onion, garlic and tough herbs; blended after.',
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
      { id: 'pack', does: 'Fruit low, chillies over it, an onion slice on top that holds the seeds down.', minutesPerKg: 5 },
      STEP.pour,
      STEP.cover,
      STEP.label,
      { id: 'blend', does: 'Drain and keep the brine; blend with 20–60 % of it; sieve or not; measure pH; bottle.', minutesPerKg: 15, caution: BLEND, afterDays: 7 }
    ],
    additions: [
      { name: 'Garlic', amount: 20, unit: 'g', per: 'kg', optional: true },
      { name: 'Bay leaf', amount: 1, unit: 'leaf', per: 'jar', optional: true }
    ],
    layers: 'Fruit low, chillies over it, an onion slice on top.',
    notes: {},
    tasting: ['hot and raw', 'fizzy', 'sour', 'deep and round'],
    finishing: 'Drain, blend with some of the brine, sieve or not. Above pH 4.0 add acid, stir, measure again. Bottle, keep cold; flip-tops can burst.',
    source: 'common practice, no source'
  },
  {
    id: 'pepper-mash',
    name: 'Pepper mash',
    says: 'Chillies ground or chopped fine with dry salt, stirred daily or sealed under an airlock.',
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
      { ...STEP.cutHot, does: 'Take off the stems; grind or chop fine, seeds and all.' },
      STEP.weigh,
      { id: 'salt', does: 'Stir the weighed salt right through.', minutesPerKg: 3, only: 'dry' },
      { id: 'pack', does: 'Fill, tap out the air, smooth the top.', minutesPerKg: 3 },
      { ...STEP.cover, does: 'Airlock on, or stir daily; wipe the rim. The surface moulds easily.' },
      STEP.label,
      { id: 'blend', does: 'Blend, sieve or not, measure pH, bottle.', minutesPerKg: 15, caution: BLEND, afterDays: 14 }
    ],
    additions: [{ name: 'Garlic', amount: 10, unit: 'g', per: 'kg', optional: true }],
    layers: 'All one; nothing laid over but plastic wrap pressed on.',
    notes: {},
    tasting: ['hot and salty', 'bready', 'sour', 'deep and round'],
    finishing: 'Blend, loosen with brine or vinegar. Above pH 4.0 add acid, stir, measure again. Bottle, keep cold; flip-tops can burst.',
    source: 'common practice, no source'
  }
];
