/** What is refused about beds and the season's plan. */
export const OF_THE_SEASON = [
  'sowing-unknown',
  'yield-unknown',
  'first-pick-unknown',
  'picked-before-sown',
  'sown-far-off',
  'servings-out-of-range',
  'hours-out-of-range',
  'water-out-of-range',
  'metres-out-of-range',
  'week-past',
  'week-far-off'
] as const;
