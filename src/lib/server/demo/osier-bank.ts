import type { CommandName } from '../../schema/commands';
import { BOTTLES, DISHES } from './season';

/**
 * Osier Bank, a made-up smallholding: what it owns and knows.
 * Everything is stored through the use cases; nothing here is a record by itself.
 */
export const HOUSE = {
  name: 'Osier Bank',
  people: 4,
  units: 'metric',
  spoons: 'metric',
  saltKindId: 'sea-fine',
  scaleStepG: 1,
  beds: 'Long bed, Ditch bed, South frame, Tunnel, Orchard edge',
  waterId: 'boiled',
  mild: 'yes'
};

export const JARS = [
  { geometryId: 'clip-500', lid: 'clamped', owned: 28, name: '0.5 l clip jar' },
  { geometryId: 'clip-1000', lid: 'clamped', owned: 14, name: '1 l clip jar' },
  { geometryId: 'clip-1000', lid: 'airlock', owned: 8, name: '1 l airlock jar' },
  { geometryId: 'clip-1500', lid: 'clamped', owned: 9, name: '1.5 l clip jar' },
  { geometryId: 'clip-3000', lid: 'airlock', owned: 5, name: '3 l airlock jar' },
  { geometryId: 'crock-water-5l', lid: 'water channel', owned: 2, name: '5 l crock' },
  { geometryId: 'crock-water-15l', lid: 'water channel', owned: 1, name: '15 l crock' }
];

export const PLACES = [
  { placeId: 'counter', name: 'Kitchen counter', kind: 'counter', tempC: 22, shelfLitres: '' },
  { placeId: 'stairs', name: 'Back stairs', kind: 'counter', tempC: 17, shelfLitres: '' },
  { placeId: 'fridge', name: 'Fridge, bottom shelf', kind: 'cold', tempC: 4, shelfLitres: '40' },
  { placeId: 'cellar', name: 'Stone cellar', kind: 'cold', tempC: 12, shelfLitres: '120' },
  { placeId: 'pantry', name: 'Pantry shelf', kind: 'pantry', tempC: 18, shelfLitres: '' }
];

export const GOODS = [
  { name: 'Fine sea salt', kind: 'salt', amount: '3 kg', low: '500 g', saltKindId: 'sea-fine' },
  { name: 'Grey sea salt, damp', kind: 'salt', amount: '800 g', low: '200 g', saltKindId: 'sea-grey-damp' },
  { name: 'Caraway', kind: 'spice', amount: '90 g', low: '40 g' },
  { name: 'Juniper berries', kind: 'spice', amount: '35 g', low: '40 g' },
  { name: 'Mustard seed, yellow', kind: 'spice', amount: '210 g', low: '50 g' },
  { name: 'Summer savory, dried', kind: 'spice', amount: '60 g', low: '20 g' },
  { name: 'Rubber rings', kind: 'lid', amount: '18', low: '10' },
  { name: 'Airlocks', kind: 'lid', amount: '3', low: '2' }
];

export const TARES = [
  { name: 'Blue bowl', weight: '412 g' },
  { name: 'Big steel bowl', weight: '688 g' },
  { name: 'Colander', weight: '365 g' }
];

export const WEIGHTS = [
  { weightId: 'disc', name: 'Glass disc', kind: 'disc', displacesMl: 35, heightMm: 18, widthMm: 66 },
  { weightId: 'stones', name: 'Crock stones', kind: 'stone', displacesMl: 380, heightMm: 42, widthMm: 165 },
  { weightId: 'bag', name: 'Water bag', kind: 'water bag', displacesMl: 150, heightMm: 22, widthMm: 96 }
];

/** Which weight goes in which kind of jar. */
export const WEIGHT_IN = [{ jarId: 'crock-water-15l.water-channel', weightId: 'stones' }];

/** Brine made ahead, a few days before the demo opens. */
export const BRINES = [{ day: '2026-09-09', name: 'Saved brine', amount: '1.2 l', strengthPercent: 5 }];

/** Ten level teaspoons of their own salt, weighed once. */
export const SPOON = { saltKindId: 'sea-fine', spoons: 10, unit: 'tsp', weight: '56 g' };

/** Stood in the cellar already when the season began. */
export const STANDING = [
  {
    day: '2026-06-01',
    name: 'Winter kraut, the last of it',
    styleId: 'shredded',
    cropId: 'cabbage-white',
    since: '2026-03-14',
    placeId: 'fridge',
    placeSince: '2026-04-11',
    jarId: 'clip-1000.clamped',
    jars: 2,
    quarters: 3,
    saltPercent: 2.2
  }
];

/** What grows at Osier Bank, written down one evening in September. */
export const SOWINGS = [
  { cropId: 'cabbage-white', bed: 'Orchard edge', day: '2026-07-02', metres: 10, planted: true },
  { cropId: 'cabbage-red', bed: 'Orchard edge', day: '2026-06-24', metres: 3, planted: true },
  { cropId: 'carrot', bed: 'Long bed', day: '2026-06-05', metres: 5 },
  { cropId: 'beet', variety: 'golden', bed: 'Ditch bed', day: '2026-06-10', metres: 4 },
  { cropId: 'green-bean', bed: 'Ditch bed', day: '2026-06-20', metres: 6 },
  { cropId: 'cucumber-small', bed: 'Tunnel', day: '2026-05-25', plants: 8, planted: true },
  { cropId: 'pepper-cayenne', bed: 'Tunnel', day: '2026-05-28', plants: 10, planted: true },
  { cropId: 'kohlrabi', bed: 'Long bed', day: '2026-07-20', metres: 3, lateWeeks: 1 },
  { cropId: 'kale', bed: 'Long bed', day: '2026-07-01', metres: 4 },
  { cropId: 'pear', bed: 'Orchard edge', day: '2026-03-01', first: '2026-09-05', weeks: 4, amount: '14 kg' }
];
/** The plan that is kept to from the week after next on. */
export const PLAN = {
  starts: [
    {
      ...{ styleId: 'pieces', monday: '2026-09-21' },
      ...{ picks: { 'green-bean': 2400, beet: 600 }, jars: { 'clip-1000.airlock': 4 } }
    },
    {
      ...{ styleId: 'pepper-mash', monday: '2026-09-28' },
      ...{ picks: { 'pepper-cayenne': 1100 }, jars: { 'clip-1000.clamped': 1 } }
    },
    {
      ...{ styleId: 'slaw', monday: '2026-10-05' },
      ...{ picks: { 'cabbage-red': 2600 }, jars: { 'clip-1500.clamped': 1 } }
    },
    {
      ...{ styleId: 'shredded', monday: '2026-10-12' },
      ...{ picks: { 'cabbage-white': 14000 }, jars: { 'crock-water-15l.water-channel': 1 } }
    }
  ]
};
export const FEAST = { from: '2026-12-24', to: '2026-12-27', people: 9, name: 'Midwinter table' };
export const FROST = { day: '2026-10-20' };

/** Since then they keep a record. */
export const SETTLED = '2023-04-01';

/** Its season is played from then on. */
export const FIRST_DAY = '2026-06-01';

/** What is there from the beginning, in the order in which it is said. */
export const SETTLES: readonly (readonly [CommandName, Record<string, unknown>])[] = [
  ['settle', HOUSE],
  ...JARS.map((jar) => ['own-jars', jar] as const),
  ...PLACES.map((place) => ['set-place', place] as const),
  ...TARES.map((tare) => ['set-tare', tare] as const),
  ...WEIGHTS.map((weight) => ['set-weight', weight] as const),
  ...WEIGHT_IN.map((one) => ['measure-jar', one] as const),
  ['weigh-spoon', SPOON]
];

/** What was said at last, on the demo's first morning. */
export const SAID_AT_LAST: readonly (readonly [CommandName, Record<string, unknown>])[] = [
  ['own-jars', BOTTLES],
  ...DISHES.map((dish) => ['set-dish', dish] as const),
  ['say-frost', FROST],
  ...SOWINGS.map((sowing) => ['sow', sowing] as const),
  ['keep-plan', PLAN],
  ['plan-feast', FEAST]
];
