import type { WordsOf } from './kinds';

/** What is refused about beds, sowings and the season's plan. */
export const OF_BEDS = {
  'sowing-unknown': ['That is not in a bed any more.', 'Reload the page: it may have been cleared.'],
  'yield-unknown': [
    'Nobody can say how much that will be.',
    'Say how many metres or plants, or how much you expect of it.'
  ],
  'first-pick-unknown': ['The table does not know when that is picked.', 'Say the day of the first pick.'],
  'picked-before-sown': [
    'It cannot be picked before it was sown.',
    'Give a first pick after that day, or leave it out.'
  ],
  'servings-out-of-range': [
    'Servings are said by a number.',
    'Give one from 0 to 300, or leave it empty: then it is as was eaten.'
  ],
  'water-out-of-range': [
    'Water for brine is said in litres a week.',
    'Give a number from 0 to 1000, or leave it empty: then there is as much as one likes.'
  ],
  'hours-out-of-range': ['Hours a week are said by a number.', 'Give one from half an hour to 80.'],
  'metres-out-of-range': ['Metres of row are said by a number.', 'Give one from 0.1 to 10 000.'],
  'week-past': ['That week has passed.', 'Give this week or one to come.'],
  'week-far-off': (v) => [
    `That is more than ${v.weeks} weeks off.`,
    'Give a nearer week: nobody plans that far.'
  ],
  'sown-far-off': ['That is more than five years off.', 'Look at the year: give a day within five years.']
} as const satisfies WordsOf;
