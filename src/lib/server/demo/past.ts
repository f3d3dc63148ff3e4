/** The seasons before this one at Osier Bank, in outline: what was picked and made, and what became of it. */
export interface PastMaking {
  /** Month and day, `MM-DD`. */
  readonly day: string;
  readonly name: string;
  readonly styleId: string;
  readonly cropId: string;
  readonly bed: string;
  readonly salt: number;
  /** Picked in that year, kg. */
  readonly kg: Readonly<Record<PastYear, number>>;
  /** Days to the cold. */
  readonly days: number;
}
export type PastYear = '2023' | '2024' | '2025';
export const PAST_YEARS: readonly PastYear[] = ['2023', '2024', '2025'];

const m = (
  day: string,
  name: string,
  [styleId, cropId, bed]: readonly [string, string, string],
  [salt, days]: readonly [number, number],
  [a, b, c]: readonly [number, number, number]
): PastMaking => ({ day, name, styleId, cropId, bed, salt, days, kg: { '2023': a, '2024': b, '2025': c } });

/** A wet year, a dry one, and a good one. */
export const PAST_MAKINGS: readonly PastMaking[] = [
  m('07-02', 'Gherkins, oak leaf', ['pieces', 'cucumber-small', 'Tunnel'], [0.03, 10], [1.4, 2.1, 2.3]),
  m('07-20', 'Gherkins, dill head', ['pieces', 'cucumber-small', 'Tunnel'], [0.03, 9], [1.1, 2.6, 2.4]),
  m('08-04', 'Green beans, savory', ['pieces', 'green-bean', 'Ditch bed'], [0.026, 18], [2.2, 0.9, 1.8]),
  m('08-20', 'Wax-pepper rings', ['sliced-peppers', 'pepper-wax', 'Tunnel'], [0.026, 12], [0.7, 1.5, 1.3]),
  m('09-10', 'Kohlrabi sticks', ['pieces', 'kohlrabi', 'Long bed'], [0.025, 11], [2.4, 1.1, 2.0]),
  m('09-28', 'Beet dice', ['pieces', 'beet', 'Ditch bed'], [0.024, 20], [1.9, 1.2, 2.1]),
  m(
    '10-14',
    'White cabbage for the winter',
    ['shredded', 'cabbage-white', 'Orchard edge'],
    [0.021, 30],
    [...([9.4, 6.2, 11.3] as const)]
  ),
  m('10-30', 'Red cabbage, apple', ['shredded', 'cabbage-red', 'Orchard edge'], [0.021, 26], [3.1, 2.2, 3.6])
];

/** Picked and not made into anything: what there was too much of, kg by year. */
export const PAST_PICKS = [
  { day: '07-12', cropId: 'zucchini', bed: 'Ditch bed', how: 'given', kg: [3.4, 1.2, 2.6] },
  { day: '08-08', cropId: 'cucumber-small', bed: 'Tunnel', how: 'eaten fresh', kg: [0.8, 1.1, 0.9] },
  { day: '08-14', cropId: 'green-bean', bed: 'Ditch bed', how: 'cooked', kg: [1.6, 0.7, 1.4] },
  { day: '09-18', cropId: 'pear', bed: 'Orchard edge', how: 'given', kg: [6.0, 2.5, 9.5] },
  { day: '10-06', cropId: 'cabbage-white', bed: 'Orchard edge', how: 'given', kg: [2.8, 0.9, 3.7] },
  { day: '10-20', cropId: 'carrot', bed: 'Long bed', how: 'cooked', kg: [2.1, 1.7, 2.5] }
] as const;

/** What went wrong: of which making, in which year, how many days on, and why its jar was thrown away. */
export const PAST_MISHAPS = [
  { year: '2023', day: '07-20', days: 14, reason: 'soft: too warm by the window' },
  { year: '2024', day: '09-28', days: 25, reason: 'mould under the lid, no weight on it' }
] as const;

/** A jar of it goes to the neighbours at the turn of the year. */
export const PAST_GIFT = { day: '10-14', given: '12-21' };

/** What grew: metres by year, so that what a metre gives is known. */
export const PAST_SOWINGS = [
  { cropId: 'cabbage-white', bed: 'Orchard edge', day: '07-01', metres: [5, 5, 6], planted: true },
  { cropId: 'green-bean', bed: 'Ditch bed', day: '05-25', metres: [5, 4, 6], planted: false },
  { cropId: 'kohlrabi', bed: 'Long bed', day: '07-15', metres: [3, 3, 3], planted: false }
] as const;

/** So often it is eaten of each kind, a quarter of a jar; and what still stands in March goes. */
export const PAST_EATING = { everyDays: 6, until: '03-08' };
