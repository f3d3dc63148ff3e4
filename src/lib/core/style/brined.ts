import { STEP } from './steps';
import type { Style } from './types';

const TANNIN = { name: 'Oak, cherry or grape leaf, for crunch (one you know, unsprayed)', amount: 1, unit: 'leaf', per: 'jar', optional: true } as const;
const BEANS = 'Raw green beans hold a toxin that boiling destroys; some guidance boils them first. Follow your national advice.';
const SLIT = 'Slit whole ones so that brine gets in and no air stays.';

/** Styles of pieces and whole fruit in brine. Common practice, no source. */
export const BRINED_STYLES: readonly Style[] = [
  {
    id: 'pieces',
    name: 'Pieces in brine',
    says: 'Whole, halved, spears, florets or coins under a brine that is stronger than what it settles at.',
    salting: 'brine',
    alsoSalting: [],
    produce: ['kohlrabi', 'turnip', 'carrot', 'cauliflower', 'green-bean', 'brussels-sprout', 'beet', 'radish-small', 'radish-daikon', 'celery', 'celeriac', 'tomato-green', 'cucumber-small', 'zucchini', 'parsnip', 'pumpkin', 'broccoli-stem', 'fennel', 'okra', 'onion', 'shallot', 'garlic', 'eggplant', 'tomatillo'],
    cuts: ['chunk', 'spear', 'coin', 'floret', 'half', 'upright', 'cherry', 'strip', 'ring', 'whole'],
    salt: { from: 0.02, to: 0.035 },
    usualSalt: 0.025,
    cropSalt: { 'cucumber-small': 0.03 },
    hotBrine: false,
    counterDays: { from: 5, to: 21 },
    coldMonths: { from: 3, to: 9 },
    pHDays: { usual: 7, cool: 10 },
    steps: [
      { id: 'wash', does: 'Wash and trim. Slit whole peppers and tomatoes; cut a sliver off the blossom end of gherkins.', minutesPerKg: 6 },
      STEP.cut,
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'Tannin leaf and spice below, pieces packed tight, small and floating ones low.', minutesPerKg: 6 },
      STEP.pour,
      STEP.cover,
      STEP.label
    ],
    additions: [
      TANNIN,
      { name: 'Mustard seed', amount: 4, unit: 'g', per: 'kg', optional: true },
      { name: 'Garlic', amount: 2, unit: 'clove', per: 'jar', optional: true }
    ],
    layers: 'Spice below, light and floating things low or under large slices, the widest pieces on top.',
    notes: { 'green-bean': BEANS, 'tomato-green': SLIT, 'cucumber-small': 'The sliver comes off the blossom end: its enzymes soften the rest.' },
    tasting: ['raw and salty', 'mild', 'tangy', 'sour to the core'],
    finishing: 'Top the brine up over the pieces, take the weight out, close airtight.',
    source: 'common practice, no source'
  },
  {
    id: 'short-cucumbers',
    name: 'Short brined cucumbers',
    says: 'Whole small cucumbers stood upright, ends off, days in brine: a fresh pickle, a new jar each week.',
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
      { id: 'wash', does: 'Soak in cold water for an hour; cut a sliver off both ends.', minutesPerKg: 6 },
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'Dill and garlic below, cucumbers upright and tight, dill on top.', minutesPerKg: 5 },
      { ...STEP.pour, caution: 'Hot brine: a warm jar on a cloth, poured slowly, gloves or a towel.' },
      { ...STEP.cover, does: 'A saucer on top instead of a weight, a cloth over; set on a tray.' },
      STEP.label
    ],
    additions: [
      { name: 'Dill head', amount: 1, unit: 'head', per: 'jar', optional: false },
      { name: 'Garlic', amount: 3, unit: 'clove', per: 'jar', optional: true },
      TANNIN
    ],
    layers: 'Upright and tight, so that they hold each other down.',
    notes: { 'cucumber-small': 'The sliver comes off the blossom end: its enzymes soften the rest.' },
    tasting: ['cucumber in brine', 'half sour', 'sour outside', 'sour through'],
    finishing: 'To the cold half sour; eat within a month.',
    source: 'common practice, no source'
  },
  {
    id: 'soft-fruit',
    name: 'Soft fruit vegetables in brine',
    says: 'Ripe or cherry tomatoes whole, stem end out, with garlic and herb.',
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
      { id: 'cut', does: 'Cut the stem end out and prick each fruit once.', minutesPerKg: 8, caution: 'A small sharp knife: cut away from the hand.' },
      STEP.weigh,
      STEP.brine,
      { id: 'pack', does: 'Garlic and herb below, the firmest fruit low, no squeezing.', minutesPerKg: 5 },
      STEP.pour,
      STEP.cover,
      STEP.label
    ],
    additions: [
      { name: 'Garlic', amount: 3, unit: 'clove', per: 'jar', optional: true },
      { name: 'Basil or dill', amount: 1, unit: 'sprig', per: 'jar', optional: true }
    ],
    layers: 'Firm below, ripe above; they soften, and the weight may sink later.',
    notes: { 'tomato-cherry': SLIT, 'tomato-ripe': 'Tomatoes start near pH 4.6: the pH must also be seen to fall.' },
    tasting: ['tomato in brine', 'fizzy', 'sour and sweet', 'deep sour'],
    finishing: 'To the cold whole; where the weight lies no longer matters there.',
    source: 'common practice, no source'
  },
  {
    id: 'sliced-peppers',
    name: 'Sliced peppers',
    says: 'Strips, rings or chunks, seeded or not, in brine or salted by total weight.',
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
    steps: [STEP.wash, STEP.cutHot, STEP.weigh, STEP.rub, STEP.brine, { id: 'pack', does: 'Pack rings flat and press out the air; an onion slice on top holds them down.', minutesPerKg: 5 }, STEP.pour, STEP.cover, STEP.label],
    additions: [
      { name: 'Garlic', amount: 2, unit: 'clove', per: 'jar', optional: true },
      { name: 'Oregano', amount: 1, unit: 'sprig', per: 'jar', optional: true }
    ],
    layers: 'Rings flat, an onion slice on top. Hollow pieces hold air: tap the jar.',
    notes: {},
    tasting: ['raw and salty', 'mild', 'tangy', 'sour'],
    finishing: 'Brine over the rings, take the weight out, close airtight.',
    source: 'common practice, no source'
  }
];
