/** What is refused about makings, their steps and timers. */
export const OF_MAKINGS = [
  'lot-begun-already',
  'making-over',
  'making-under-way',
  'making-unknown',
  'step-not-skipped',
  'step-unknown',
  'timer-over',
  'timer-unknown'
] as const;
