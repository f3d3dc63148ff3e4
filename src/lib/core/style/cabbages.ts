import { STEP } from './steps';
import type { TableStyle } from './types';

/**
 * Styles of leaf and head. Salt is equilibrium salinity, counter days hold at 20-22 °C, cold life at or under 4 °C.
 * Common practice, no source, unless a line says otherwise.
 */
export const CABBAGE_STYLES: readonly TableStyle[] = [
  {
    id: 'shredded',
    name: 'Shredded, in its own juice',
    salting: 'dry',
    alsoSalting: [],
    produce: ['cabbage-white', 'cabbage-pointed', 'cabbage-red', 'carrot', 'beet', 'apple', 'celeriac', 'turnip', 'horseradish', 'onion'],
    cuts: ['shred'],
    salt: { from: 0.018, to: 0.025 },
    usualSalt: 0.022,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 7, to: 28 },
    coldMonths: { from: 6, to: 12 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'trim', does: 'trim-heads', minutesPerKg: 3 },
      STEP.shred,
      STEP.weigh,
      STEP.rub,
      { id: 'pack', does: 'pack-pressed', minutesPerKg: 5 },
      STEP.cover,
      STEP.label,
      STEP.season
    ],
    additions: [
      { name: 'Caraway or juniper', amount: 3, unit: 'g', per: 'kg', optional: true },
      { name: 'Follower leaf', amount: 1, unit: 'leaf', per: 'jar', optional: true }
    ],
    notes: { beet: 'beet-colours' },
    source: 'common practice; weeks as USDA Complete Guide to Home Canning, Guide 6, recalled from memory'
  },
  {
    id: 'slaw',
    name: 'Spiced slaw relish',
    salting: 'dry',
    alsoSalting: ['brine'],
    produce: ['cabbage-white', 'cabbage-pointed', 'cabbage-red', 'carrot', 'onion', 'onion-red', 'pepper-jalapeno', 'pepper-wax', 'radish-small', 'fennel'],
    cuts: ['shred'],
    salt: { from: 0.015, to: 0.025 },
    usualSalt: 0.02,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 2, to: 7 },
    coldMonths: { from: 3, to: 6 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      STEP.wash,
      { ...STEP.shred, id: 'cut', does: 'shred-or-chop' },
      STEP.weigh,
      { ...STEP.rub, does: 'turn-under', rest: { fromMinutes: 10, toMinutes: 60, until: 'glistens' } },
      STEP.brine,
      { id: 'pack', does: 'pack-loose', minutesPerKg: 4 },
      STEP.pour,
      STEP.cover,
      STEP.label,
      { id: 'serve', does: 'serve-with', minutesPerKg: 0, afterDays: 2 }
    ],
    additions: [
      { name: 'Oregano, or cumin and coriander', amount: 2, unit: 'g', per: 'kg', optional: true },
      { name: 'Lime zest', amount: 2, unit: 'g', per: 'kg', optional: true },
      { name: 'Chilli', amount: 1, unit: '', per: 'free', optional: true }
    ],
    notes: {},
    source: 'common practice, no source'
  },
  {
    id: 'leaf-rinsed',
    name: 'Leaf kimchi, salted and rinsed',
    salting: 'rinsed',
    alsoSalting: [],
    heavy: { fraction: 0.08, keeps: { from: 0.75, to: 0.9 }, leaves: { from: 0.015, to: 0.03 } },
    produce: ['cabbage-napa', 'radish-daikon', 'leek', 'spring-onion', 'carrot', 'cabbage-pointed', 'pak-choi', 'garlic', 'ginger', 'pear', 'apple'],
    cuts: ['leaf'],
    salt: { from: 0.015, to: 0.03 },
    usualSalt: 0.022,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 1, to: 5 },
    coldMonths: { from: 3, to: 6 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'cut', does: 'quarter-heads', minutesPerKg: 4 },
      STEP.weigh,
      { id: 'salt', does: 'salt-leaves', minutesPerKg: 4, rest: { fromMinutes: 120, toMinutes: 720, until: 'ribs-bend', turnEveryMinutes: 30 }, only: 'rinsed' },
      { id: 'rinse', does: 'rinse', minutesPerKg: 4, only: 'rinsed', caution: 'rinse-unknown' },
      { id: 'paste', does: 'grind-paste', minutesPerKg: 8, caution: 'gloves-allergens' },
      { id: 'pack', does: 'pack-leaves', minutesPerKg: 6 },
      STEP.cover,
      STEP.label,
      STEP.cooked
    ],
    additions: [
      { name: 'Chilli flakes', amount: 20, unit: 'g', per: 'kg', optional: true },
      { name: 'Garlic, crushed', amount: 25, unit: 'g', per: 'kg', optional: false },
      { name: 'Ginger, grated', amount: 10, unit: 'g', per: 'kg', optional: true }
    ],
    notes: {},
    source: 'common practice, no source'
  },
  {
    id: 'leaf-single',
    name: 'Leaf kimchi, salted once',
    salting: 'dry',
    alsoSalting: [],
    produce: ['mustard-greens', 'pak-choi', 'kale', 'cabbage-napa', 'radish-small', 'turnip', 'spring-onion', 'garlic', 'ginger'],
    cuts: ['leaf'],
    salt: { from: 0.018, to: 0.025 },
    usualSalt: 0.021,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 5, to: 10 },
    coldMonths: { from: 1, to: 6 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      STEP.wash,
      { id: 'cut', does: 'cut-leaves', minutesPerKg: 4 },
      STEP.weigh,
      { ...STEP.rub, does: 'turn-leaves', rest: { fromMinutes: 30, toMinutes: 120, until: 'limp', turnEveryMinutes: 30 } },
      { id: 'paste', does: 'work-paste', minutesPerKg: 5, caution: 'gloves' },
      { id: 'pack', does: 'fold-in', minutesPerKg: 5 },
      STEP.cover,
      STEP.label,
      STEP.cooked
    ],
    additions: [
      { name: 'Garlic, crushed', amount: 15, unit: 'g', per: 'kg', optional: true },
      { name: 'Ginger, grated', amount: 8, unit: 'g', per: 'kg', optional: true },
      { name: 'Chilli flakes', amount: 8, unit: 'g', per: 'kg', optional: true }
    ],
    notes: {},
    source: 'common practice, no source'
  }
];
