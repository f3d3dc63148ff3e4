/** This season's picks and batches at Osier Bank, as a script that is played through the use cases. */
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
  readonly styleId: string;
  readonly salt: number;
  readonly placeId: 'counter' | 'stairs';
  readonly picks: readonly Pick[];
  /** Days after the start to the cold, and where; absent: still on the counter. */
  readonly cold?: readonly [days: number, placeId: 'fridge' | 'cellar'];
  readonly note?: string;
  /** Jars taken by hand. */
  readonly counts?: Readonly<Record<string, number>>;
  /** Leaf salted and rinsed: weighed and measured after the rinse. */
  readonly rinsed?: { readonly after: string; readonly taste: string; readonly salinity: string };
  /** Brine really poured, as a share of the planned; absent: nobody measured. */
  readonly pours?: number;
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
    pours: 0.94,
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
    pours: 1.05,
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
    counts: { 'clip-1500.clamped': 2 },
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
    styleId: 'sliced-peppers',
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
    styleId: 'sliced-peppers',
    salt: 0.026,
    placeId: 'counter',
    picks: [p('pepper-wax', 'Tunnel', '1 kg 120 g')]
  },
  {
    day: '2026-09-08',
    name: 'Kohlrabi sticks, mustard seed',
    styleId: 'pieces',
    salt: 0.025,
    pours: 0.94,
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
  },
  {
    day: '2026-08-21',
    name: 'Cayenne mash',
    styleId: 'pepper-mash',
    salt: 0.042,
    placeId: 'stairs',
    picks: [p('pepper-cayenne', 'Tunnel', '1 kg 90 g')]
  },
  {
    day: '2026-08-26',
    name: 'Pear and chilli sauce',
    styleId: 'pepper-sauce',
    salt: 0.028,
    placeId: 'stairs',
    picks: [
      p('pepper-cayenne', 'Tunnel', '310 g'),
      p('pear', 'Orchard edge', '480 g'),
      p('onion', 'Long bed', '190 g')
    ]
  },
  {
    day: '2026-09-07',
    name: 'Leek and cabbage kimchi',
    styleId: 'leaf-rinsed',
    salt: 0.023,
    placeId: 'counter',
    picks: [p('cabbage-napa', 'Ditch bed', '2 kg 480 g'), p('leek', 'Ditch bed', '330 g')],
    rinsed: { after: '2060 g', taste: '', salinity: '1.9' },
    cold: [3, 'fridge']
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

/** Which recipe a making goes by. */
export const RECIPE_OF: Readonly<Record<string, string>> = {
  'Kohlrabi sticks, mustard seed': 'kohlrabi-mustard',
  'Pointed cabbage, juniper': 'juniper-kraut',
  'Gherkins, oak leaf': 'gherkins-oak',
  'Green beans, savory': 'beans-savory',
  'Pink turnips with beet': 'pink-turnips',
  'White cabbage in the crock': 'plain-kraut',
  'Wax-pepper rings': 'wax-rings',
  'Golden beet and horseradish dice': 'beet-horseradish',
  'Cayenne mash': 'cayenne-mash',
  'Pear and chilli sauce': 'pear-chilli',
  'Leek and cabbage kimchi': 'leek-kimchi'
};

/** What was said at the table, for next time. */
export const AFTERWARDS = [
  {
    name: 'Wax-pepper rings',
    days: 14,
    wish: { said: '2 cloves garlic a jar', by: 'more', why: 'one hardly tastes it' }
  },
  {
    name: 'Leek and cabbage kimchi',
    days: 4,
    wish: { said: '20 g chilli flakes per kg', by: 'less', why: 'too hot for Grandmother' }
  }
] as const;

/** One batch was topped up with salted water because the pieces poked out, and put right three days on. */
export const TOO_SALTY = {
  name: 'Cauliflower and carrot',
  day: '2026-07-25',
  days: 8,
  right: {
    trouble: 'wrong-top-up',
    amount: '120 ml',
    strengthPercent: '9',
    targetPercent: '2.7',
    reason: 'topped up with salted water by the spoon'
  }
} as const;

/** What cooler days are for. */
export const DISHES = [
  { name: 'Cabbage dumplings', uses: [{ styleId: 'shredded', weight: '60 g' }] },
  { name: 'Sour soup', uses: [{ styleId: 'pieces', weight: '90 g' }] }
];

/** Bought when the sauces were nearly done. */
export const BOTTLES = { geometryId: 'bottle-250', lid: 'loose', owned: 12, name: '0.25 l sauce bottle' };
