/**
 * Osier Bank, a made-up smallholding: what it owns, and this season's picks and batches as a script.
 * Everything is stored through the use cases; nothing here is a record by itself.
 */
export const HOUSE = {
  name: 'Osier Bank',
  people: 4,
  units: 'metric',
  spoons: 'metric',
  saltKindId: 'sea-fine',
  scaleStepG: 1,
  beds: 'Long bed, Ditch bed, South frame, Tunnel, Orchard edge'
};

export const JARS = [
  { geometryId: 'clip-500', lid: 'clamped', owned: 20, name: '0.5 l clip jar' },
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

export interface Pick {
  readonly cropId: string;
  readonly bed: string;
  readonly weight: string;
  readonly variety?: string;
  readonly withTops?: boolean;
  readonly quality?: 'sound' | 'trim';
}

export interface Making {
  readonly day: string;
  readonly name: string;
  readonly styleId: 'shredded' | 'pieces';
  readonly salt: number;
  readonly placeId: 'counter' | 'stairs';
  readonly picks: readonly Pick[];
  /** Days after the start to the cold, and where; absent: still on the counter. */
  readonly cold?: readonly [days: number, placeId: 'fridge' | 'cellar'];
  readonly note?: string;
}

const p = (cropId: string, bed: string, weight: string, more: Partial<Pick> = {}): Pick => ({
  cropId,
  bed,
  weight,
  ...more
});

export const MAKINGS: readonly Making[] = [
  {
    day: '2026-06-06',
    name: 'Radish coins',
    styleId: 'pieces',
    salt: 0.022,
    placeId: 'counter',
    picks: [p('radish-small', 'South frame', '1 kg 240 g', { withTops: true })],
    cold: [8, 'fridge']
  },
  {
    day: '2026-06-13',
    name: 'Kohlrabi sticks, mustard seed',
    styleId: 'pieces',
    salt: 0.025,
    placeId: 'counter',
    picks: [p('kohlrabi', 'Long bed', '2 kg 310 g')],
    cold: [11, 'fridge']
  },
  {
    day: '2026-06-20',
    name: 'Pointed cabbage, juniper',
    styleId: 'shredded',
    salt: 0.022,
    placeId: 'counter',
    picks: [p('cabbage-pointed', 'Long bed', '4 kg 150 g'), p('cabbage-pointed', 'Ditch bed', '1 kg 980 g')],
    cold: [21, 'fridge']
  },
  {
    day: '2026-06-27',
    name: 'Gherkins, oak leaf',
    styleId: 'pieces',
    salt: 0.03,
    placeId: 'counter',
    picks: [p('cucumber-small', 'Tunnel', '1 kg 860 g')],
    cold: [9, 'fridge']
  },
  {
    day: '2026-07-04',
    name: 'Gherkins, oak leaf',
    styleId: 'pieces',
    salt: 0.03,
    placeId: 'counter',
    picks: [p('cucumber-small', 'Tunnel', '2 kg 420 g')],
    cold: [10, 'fridge']
  },
  {
    day: '2026-07-08',
    name: 'Green beans, savory',
    styleId: 'pieces',
    salt: 0.026,
    placeId: 'stairs',
    picks: [p('green-bean', 'Ditch bed', '1 kg 730 g')],
    cold: [19, 'cellar']
  },
  {
    day: '2026-07-12',
    name: 'Pointed cabbage, caraway',
    styleId: 'shredded',
    salt: 0.022,
    placeId: 'counter',
    picks: [p('cabbage-pointed', 'Long bed', '5 kg 60 g')],
    cold: [20, 'fridge']
  },
  {
    day: '2026-07-18',
    name: 'Gherkins, dill head',
    styleId: 'pieces',
    salt: 0.03,
    placeId: 'counter',
    picks: [p('cucumber-small', 'Tunnel', '2 kg 980 g')],
    cold: [9, 'fridge']
  },
  {
    day: '2026-07-25',
    name: 'Cauliflower and carrot',
    styleId: 'pieces',
    salt: 0.024,
    placeId: 'counter',
    picks: [
      p('cauliflower', 'Ditch bed', '2 kg 140 g'),
      p('carrot', 'Long bed', '860 g', { withTops: true })
    ],
    cold: [14, 'fridge']
  },
  {
    day: '2026-08-01',
    name: 'Pink turnips with beet',
    styleId: 'pieces',
    salt: 0.022,
    placeId: 'counter',
    picks: [p('turnip', 'Ditch bed', '2 kg 260 g', { withTops: true }), p('beet', 'Ditch bed', '420 g')],
    cold: [33, 'fridge'],
    note: 'One jar without a weight.'
  },
  {
    day: '2026-08-05',
    name: 'White cabbage in the crock',
    styleId: 'shredded',
    salt: 0.021,
    placeId: 'stairs',
    picks: [p('cabbage-white', 'Orchard edge', '5 kg 720 g'), p('cabbage-white', 'Long bed', '4 kg 110 g')],
    cold: [34, 'cellar']
  },
  {
    day: '2026-08-09',
    name: 'Gherkins, oak leaf',
    styleId: 'pieces',
    salt: 0.03,
    placeId: 'counter',
    picks: [p('cucumber-small', 'Tunnel', '1 kg 540 g')],
    cold: [10, 'fridge']
  },
  {
    day: '2026-08-14',
    name: 'Wax-pepper rings',
    styleId: 'pieces',
    salt: 0.026,
    placeId: 'counter',
    picks: [p('pepper-wax', 'Tunnel', '1 kg 330 g')],
    cold: [12, 'fridge']
  },
  {
    day: '2026-08-19',
    name: 'Green beans, savory',
    styleId: 'pieces',
    salt: 0.026,
    placeId: 'stairs',
    picks: [p('green-bean', 'Ditch bed', '1 kg 410 g')],
    cold: [20, 'cellar']
  },
  {
    day: '2026-08-23',
    name: 'Golden beet and horseradish dice',
    styleId: 'pieces',
    salt: 0.024,
    placeId: 'stairs',
    picks: [
      p('beet', 'Ditch bed', '1 kg 760 g', { variety: 'golden' }),
      p('horseradish', 'Orchard edge', '160 g')
    ]
  },
  {
    day: '2026-08-28',
    name: 'Green tomato halves',
    styleId: 'pieces',
    salt: 0.026,
    placeId: 'stairs',
    picks: [p('tomato-green', 'South frame', '1 kg 920 g')]
  },
  {
    day: '2026-08-31',
    name: 'Pointed cabbage, juniper',
    styleId: 'shredded',
    salt: 0.023,
    placeId: 'counter',
    picks: [p('cabbage-pointed', 'Long bed', '2 kg 540 g')]
  },
  {
    day: '2026-09-04',
    name: 'Wax-pepper rings',
    styleId: 'pieces',
    salt: 0.026,
    placeId: 'counter',
    picks: [p('pepper-wax', 'Tunnel', '1 kg 120 g')]
  },
  {
    day: '2026-09-08',
    name: 'Kohlrabi sticks, mustard seed',
    styleId: 'pieces',
    salt: 0.025,
    placeId: 'counter',
    picks: [p('kohlrabi', 'Long bed', '1 kg 870 g')]
  },
  {
    day: '2026-09-11',
    name: 'Gherkins, oak leaf',
    styleId: 'pieces',
    salt: 0.03,
    placeId: 'counter',
    picks: [p('cucumber-small', 'Tunnel', '980 g')]
  }
];

export interface OtherPick extends Pick {
  readonly day: string;
  /** How it ended; absent: still in the Garden. */
  readonly end?: readonly [how: 'eaten fresh' | 'cooked' | 'given' | 'composted' | 'spoiled', days: number];
  readonly kept?: 'room' | 'cold';
  /** Weighed again once prepared: lies on the bench on the demo's morning. */
  readonly prepared?: string;
  readonly note?: string;
}

export const OTHER_PICKS: readonly OtherPick[] = [
  { day: '2026-06-03', ...p('radish-small', 'South frame', '310 g'), end: ['eaten fresh', 1] },
  { day: '2026-06-10', ...p('spring-onion', 'Long bed', '240 g'), end: ['eaten fresh', 2] },
  { day: '2026-06-17', ...p('kohlrabi', 'Long bed', '740 g'), end: ['cooked', 3] },
  { day: '2026-06-24', ...p('cucumber-small', 'Tunnel', '420 g'), end: ['eaten fresh', 2] },
  { day: '2026-07-01', ...p('zucchini', 'Ditch bed', '1 kg 180 g'), end: ['cooked', 2] },
  { day: '2026-07-06', ...p('zucchini', 'Ditch bed', '2 kg 60 g'), end: ['given', 1] },
  { day: '2026-07-10', ...p('green-bean', 'Ditch bed', '640 g'), end: ['cooked', 1] },
  { day: '2026-07-15', ...p('tomato-cherry', 'South frame', '520 g'), end: ['eaten fresh', 3] },
  { day: '2026-07-21', ...p('cucumber-small', 'Tunnel', '830 g'), end: ['given', 1] },
  {
    day: '2026-07-23',
    ...p('zucchini', 'Ditch bed', '1 kg 640 g'),
    end: ['composted', 6],
    note: 'Marrows, forgotten under the leaves.'
  },
  { day: '2026-07-29', ...p('tomato-ripe', 'South frame', '1 kg 90 g'), end: ['cooked', 2] },
  { day: '2026-08-03', ...p('pepper-bell-ripe', 'Tunnel', '560 g'), end: ['eaten fresh', 4] },
  { day: '2026-08-07', ...p('tomato-cherry', 'South frame', '780 g'), end: ['eaten fresh', 4] },
  {
    day: '2026-08-12',
    ...p('cucumber-small', 'Tunnel', '690 g'),
    end: ['spoiled', 6],
    note: 'Left in the porch, gone soft.'
  },
  { day: '2026-08-16', ...p('tomato-ripe', 'South frame', '2 lb 6 oz'), end: ['cooked', 2] },
  { day: '2026-08-20', ...p('fennel', 'Long bed', '930 g'), end: ['cooked', 5] },
  { day: '2026-08-25', ...p('leek', 'Ditch bed', '1 kg 20 g'), end: ['cooked', 3] },
  { day: '2026-08-29', ...p('pear', 'Orchard edge', '2 kg 300 g'), end: ['eaten fresh', 6] },
  { day: '2026-09-02', ...p('tomato-ripe', 'South frame', '1 kg 480 g'), end: ['cooked', 2] },
  { day: '2026-09-05', ...p('apple', 'Orchard edge', '3 kg 100 g'), end: ['given', 3] },
  { day: '2026-09-10', ...p('beet', 'Ditch bed', '430 g', { variety: 'golden' }), prepared: '310 g' },
  { day: '2026-09-11', ...p('kohlrabi', 'Long bed', '1 640 g'), prepared: '1 195 g' },
  { day: '2026-09-11', ...p('carrot', 'Ditch bed', '2 lb 1 oz'), prepared: '748 g' },
  { day: '2026-09-09', ...p('cabbage-pointed', 'Long bed', '3 kg 650 g') },
  { day: '2026-09-09', ...p('green-bean', 'Ditch bed', '720 g'), kept: 'cold' },
  { day: '2026-09-10', ...p('cucumber-small', 'Tunnel', '1 kg 60 g') },
  { day: '2026-09-11', ...p('pepper-wax', 'Tunnel', '640 g') },
  { day: '2026-09-07', ...p('cabbage-red', 'Orchard edge', '2 kg 870 g') }
];

/** One jar moulded while it was forgotten behind the bread bin. */
export const MISHAP = { making: 9, days: 26, reason: 'mould: blue and white spots, no weight on it' };
