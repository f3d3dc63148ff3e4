import { STEP } from './steps';
import type { Style } from './types';

/**
 * Styles of leaf and head. Salt is equilibrium salinity, counter days hold at 20-22 °C, cold life at or under 4 °C.
 * Common practice, no source, unless a line says otherwise.
 */
export const CABBAGE_STYLES: readonly Style[] = [
  {
    id: 'shredded',
    name: 'Shredded, in its own juice',
    says: 'Firm heads shredded 2–6 mm, rubbed with dry salt until they stand in their own juice.',
    salting: 'dry',
    alsoSalting: [],
    produce: ['cabbage-pointed', 'cabbage-white', 'cabbage-red', 'carrot', 'beet', 'apple', 'celeriac', 'turnip', 'horseradish', 'onion'],
    cuts: ['shred'],
    salt: { from: 0.018, to: 0.025 },
    usualSalt: 0.022,
    cropSalt: {},
    hotBrine: false,
    counterDays: { from: 7, to: 28 },
    coldMonths: { from: 6, to: 12 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'trim', does: 'Take off the outer leaves and keep three good ones as followers. Cut out the core.', minutesPerKg: 3 },
      STEP.shred,
      STEP.weigh,
      STEP.rub,
      { id: 'pack', does: 'Pack in layers, pressing each one down, and pour all the juice back in.', minutesPerKg: 5 },
      STEP.cover,
      STEP.label,
      STEP.season
    ],
    additions: [
      { name: 'Caraway or juniper', amount: 3, unit: 'g', per: 'kg', optional: true },
      { name: 'Follower leaf', amount: 1, unit: 'leaf', per: 'jar', optional: true }
    ],
    layers: 'Pressed layer by layer, a tannic or outer leaf laid over, then the weight.',
    notes: { beet: 'Beet colours the jar evenly. Pink patches or slime: throw it away.' },
    tasting: ['sweet and salty', 'lightly sour', 'clear sour', 'full sour'],
    finishing: 'Press down, level the juice over the shreds, take the weight out, close airtight.',
    source: 'common practice; weeks as USDA Complete Guide to Home Canning, Guide 6, recalled from memory'
  },
  {
    id: 'slaw',
    name: 'Spiced slaw relish',
    says: 'Shredded or chopped cabbage with onion, carrot and chilli, eaten young and fresh.',
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
      { ...STEP.shred, id: 'cut', does: 'Shred or chop everything to one size; onion in half rings.' },
      STEP.weigh,
      { ...STEP.rub, does: 'Turn the weighed salt and the spice under. Massage a little, do not pound.', rest: { fromMinutes: 10, toMinutes: 60, until: 'it glistens' } },
      STEP.brine,
      { id: 'pack', does: 'Stuff it loosely into the jar, without pounding.', minutesPerKg: 4 },
      STEP.pour,
      STEP.cover,
      STEP.label,
      { id: 'serve', does: 'Lime juice and fruit go in when it is served, not before.', minutesPerKg: 0, afterDays: 2 }
    ],
    additions: [
      { name: 'Oregano, or cumin and coriander', amount: 2, unit: 'g', per: 'kg', optional: true },
      { name: 'Lime zest', amount: 2, unit: 'g', per: 'kg', optional: true },
      { name: 'Chilli', amount: 1, unit: '', per: 'free', optional: true }
    ],
    layers: 'Loose, all in one; a large leaf laid over.',
    notes: {},
    tasting: ['raw and salty', 'fresh and fizzy', 'lightly sour', 'kraut'],
    finishing: 'To the cold while it is still fresh; lime and fruit when served.',
    source: 'common practice, no source'
  },
  {
    id: 'leaf-rinsed',
    name: 'Leaf kimchi, salted and rinsed',
    says: 'Leaf cabbage salted heavily, turned, rinsed and wrung out, then worked with a paste.',
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
      { id: 'cut', does: 'Quarter the heads, or cut 3–4 cm squares. Roots and onions wait for the paste.', minutesPerKg: 4 },
      STEP.weigh,
      { id: 'salt', does: 'Strew the heavy salt between the leaves, most on the thick ribs.', minutesPerKg: 4, rest: { fromMinutes: 120, toMinutes: 720, until: 'a rib bends without breaking', turnEveryMinutes: 30 }, only: 'rinsed' },
      { id: 'rinse', does: 'Rinse twice in cold water, let drain, wring out.', minutesPerKg: 4, only: 'rinsed', caution: 'What is left of the salt cannot be calculated: weigh it again, and taste or measure the juice.' },
      { id: 'paste', does: 'Chilli, garlic, ginger and fruit to a paste; a cooked starch glue must be cold first. Fish sauce is counted as salt.', minutesPerKg: 8, caution: 'Hot peppers: gloves on, hands off your eyes. Fish, shrimp and soy are allergens: name them on the lid.' },
      { id: 'pack', does: 'Work the paste between the leaves, gently; pack pressing the air out.', minutesPerKg: 6 },
      STEP.cover,
      STEP.label,
      STEP.cooked
    ],
    additions: [
      { name: 'Chilli flakes', amount: 20, unit: 'g', per: 'kg', optional: true },
      { name: 'Garlic, crushed', amount: 25, unit: 'g', per: 'kg', optional: false },
      { name: 'Ginger, grated', amount: 10, unit: 'g', per: 'kg', optional: true }
    ],
    layers: 'Pressed, leaf on leaf, the outer leaves on top.',
    notes: {},
    tasting: ['fresh salad', 'tingling', 'ripe', 'sour, for the pan'],
    finishing: 'To the cold while it tingles; it goes on ripening there.',
    source: 'common practice, no source'
  },
  {
    id: 'leaf-single',
    name: 'Leaf kimchi, salted once',
    says: 'Any tender brassica leaf with its cut roots, about 2 % dry salt, no rinse, a gentle hand.',
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
      { id: 'cut', does: 'Leaves whole or in broad bands; roots in thin coins.', minutesPerKg: 4 },
      STEP.weigh,
      { ...STEP.rub, does: 'Strew the weighed salt and turn the leaves in it with open hands. Never crush them.', rest: { fromMinutes: 30, toMinutes: 120, until: 'the leaves are limp', turnEveryMinutes: 30 } },
      { id: 'paste', does: 'Work the paste in gently.', minutesPerKg: 5, caution: 'Hot peppers: gloves on, hands off your eyes.' },
      { id: 'pack', does: 'Fold the leaves into the jar so that each lies flat; pour the juice in.', minutesPerKg: 5 },
      STEP.cover,
      STEP.label,
      STEP.cooked
    ],
    additions: [
      { name: 'Garlic, crushed', amount: 15, unit: 'g', per: 'kg', optional: true },
      { name: 'Ginger, grated', amount: 8, unit: 'g', per: 'kg', optional: true },
      { name: 'Chilli flakes', amount: 8, unit: 'g', per: 'kg', optional: true }
    ],
    layers: 'Leaves flat on each other, roots between, the largest leaf on top.',
    notes: {},
    tasting: ['green and salty', 'mild', 'tangy', 'sour'],
    finishing: 'Press down, juice over the leaves, to the cold.',
    source: 'common practice, no source'
  }
];
