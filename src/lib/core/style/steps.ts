import type { Step } from './types';

/** Steps that many styles share. Minutes are common practice, no source. */
const GUARD = 'Use the guard or a cut-proof glove on a mandoline.';
const GLOVES = 'Hot peppers: gloves on, hands off your eyes, air moving. Wash the board afterwards.';

export const STEP = {
  wash: { id: 'wash', does: 'Wash in cold water and drain. Cut out what is soft or spotted.', minutesPerKg: 4 },
  shred: { id: 'shred', does: 'Shred 2–6 mm, all of one thickness.', minutesPerKg: 6, caution: GUARD },
  cut: { id: 'cut', does: 'Cut to even pieces.', minutesPerKg: 6, caution: GUARD },
  cutHot: { id: 'cut', does: 'Take off the stems, open whole ones, cut to even pieces.', minutesPerKg: 7, caution: GLOVES },
  weigh: { id: 'weigh', does: 'Zero the empty bowl; weigh the cut vegetables.', minutesPerKg: 1 },
  rub: {
    id: 'salt',
    does: 'Strew the weighed salt over and rub or pound it in.',
    minutesPerKg: 5,
    rest: { fromMinutes: 10, toMinutes: 120, until: 'it stands in its own juice' },
    only: 'dry'
  },
  brine: {
    id: 'brine',
    does: 'Stir the weighed salt into the water until it is clear; let it come to room temperature.',
    minutesPerKg: 3,
    only: 'brine'
  },
  pour: { id: 'pour', does: 'Pour the brine to the fill line and tap out the air.', minutesPerKg: 2, only: 'brine' },
  cover: {
    id: 'cover',
    does: 'Follower and weight on, liquid 1–2 cm over everything, wipe the rim, close, set on a tray.',
    minutesPerKg: 2,
    caution: 'Glass with a hairline crack bursts under gas: hold it to the light, run a nail along the rim.'
  },
  /** In two stages: plain first, seasoned once it works. */
  season: { id: 'season', does: 'In two stages, if you like: ferment it plain, then work the seasoning in and press it down again.', minutesPerKg: 3, afterDays: 4 },
  cooked: {
    id: 'cooked',
    does: 'Cooked or protein additions, fish, egg, beans: only after pH 4.2 or lower; then into the fridge, eaten within days.',
    minutesPerKg: 2,
    afterDays: 4,
    caution: 'In a young ferment they feed what spoils. Measure first; no strip, no fish.'
  },
  label: { id: 'label', does: 'Write the jar number, the name and the day on the lid.', minutesPerKg: 1 }
} as const satisfies Record<string, Step>;

export { GLOVES, GUARD };
