import type { Style } from './types';

/**
 * Styles. Salt is equilibrium salinity, counter days hold at 20-22 °C, cold life at or under 4 °C.
 * Common practice, no source, unless a line says otherwise; kraut's weeks agree with the USDA Complete Guide to Home
 * Canning, Guide 6 (recalled from memory).
 */
export const STYLES: readonly Style[] = [
  {
    id: 'shredded',
    name: 'Shredded, in its own juice',
    says: 'Firm heads shredded 2–6 mm, rubbed with dry salt until they stand in their own juice.',
    salting: 'dry',
    cuts: ['shred'],
    salt: { from: 0.018, to: 0.025 },
    usualSalt: 0.022,
    cropSalt: {},
    counterDays: { from: 7, to: 28 },
    coldMonths: { from: 6, to: 12 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'trim', does: 'Take off the outer leaves and keep three good ones as followers. Cut out the core.', minutesPerKg: 3 },
      { id: 'shred', does: 'Shred 2–6 mm, all of one thickness.', minutesPerKg: 6, caution: 'Use the guard or a cut-proof glove on a mandoline.' },
      { id: 'weigh', does: 'Weigh the shreds in a tared bowl.', minutesPerKg: 1 },
      { id: 'salt', does: 'Strew the weighed salt over and rub or pound it in.', minutesPerKg: 5, rest: { fromMinutes: 10, toMinutes: 120, until: 'it stands in its own juice' } },
      { id: 'pack', does: 'Pack in layers, pressing each one down, and pour all the juice back in.', minutesPerKg: 5 },
      { id: 'cover', does: 'Lay the follower leaf over, put the weight on, wipe the rim, close, set on a tray.', minutesPerKg: 2 },
      { id: 'label', does: 'Write the lid number, the name and the day on the lid.', minutesPerKg: 1 }
    ],
    additions: [
      { name: 'Caraway or juniper', amount: 3, unit: 'g', per: 'kg', optional: true },
      { name: 'Follower leaf', amount: 1, unit: 'leaf', per: 'jar', optional: true }
    ],
    tasting: ['sweet and salty', 'lightly sour', 'clear sour', 'full sour'],
    finishing: 'Press down, level the juice over the shreds, weight out, close airtight.',
    source: 'common practice; weeks as USDA Complete Guide to Home Canning, Guide 6, recalled from memory'
  },
  {
    id: 'pieces',
    name: 'Pieces in brine',
    says: 'Whole, halved, spears, florets or coins under a brine that is stronger than where it ends.',
    salting: 'brine',
    cuts: ['chunk', 'spear', 'coin', 'floret', 'half', 'upright', 'cherry', 'strip', 'ring', 'whole'],
    salt: { from: 0.02, to: 0.035 },
    usualSalt: 0.025,
    cropSalt: { 'cucumber-small': 0.03 },
    counterDays: { from: 5, to: 21 },
    coldMonths: { from: 3, to: 9 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'wash', does: 'Wash and trim. Slit whole peppers and tomatoes; cut a sliver off the blossom end of gherkins.', minutesPerKg: 6 },
      { id: 'cut', does: 'Cut to even pieces.', minutesPerKg: 6, caution: 'Use the guard or a cut-proof glove on a mandoline.' },
      { id: 'weigh', does: 'Weigh the prepared pieces in a tared bowl.', minutesPerKg: 1 },
      { id: 'brine', does: 'Stir the weighed salt into the water until it is clear; let it come to room temperature.', minutesPerKg: 3, caution: 'Hot brine cracks cold glass.' },
      { id: 'pack', does: 'Tannin leaf and spice below, pieces packed tight, small and floating ones low.', minutesPerKg: 6 },
      { id: 'pour', does: 'Pour the brine to the fill line and tap out the air.', minutesPerKg: 2 },
      { id: 'cover', does: 'Follower and weight on, liquid 1–2 cm over everything, wipe the rim, close, set on a tray.', minutesPerKg: 2 },
      { id: 'label', does: 'Write the lid number, the name and the day on the lid.', minutesPerKg: 1 }
    ],
    additions: [
      { name: 'Oak, cherry or grape leaf, for crunch', amount: 1, unit: 'leaf', per: 'jar', optional: true },
      { name: 'Mustard seed', amount: 4, unit: 'g', per: 'kg', optional: true },
      { name: 'Garlic', amount: 2, unit: 'cloves', per: 'jar', optional: true }
    ],
    tasting: ['raw and salty', 'mild', 'tangy', 'sour to the core'],
    finishing: 'Top the brine up over the pieces, weight out, close airtight.',
    source: 'common practice, no source'
  }
];
