import type { Step } from './types';

/** Steps that many styles share. Minutes are common practice, no source. */
export const STEP = {
  wash: { id: 'wash', does: 'wash', minutesPerKg: 4 },
  shred: { id: 'shred', does: 'shred', minutesPerKg: 6, caution: 'guard' },
  cut: { id: 'cut', does: 'cut-even', minutesPerKg: 6, caution: 'guard' },
  cutHot: { id: 'cut', does: 'cut-peppers', minutesPerKg: 7, caution: 'gloves-board' },
  weigh: { id: 'weigh', does: 'weigh', minutesPerKg: 1 },
  rub: {
    id: 'salt',
    does: 'rub',
    minutesPerKg: 5,
    rest: { fromMinutes: 10, toMinutes: 120, until: 'own-juice' },
    only: 'dry'
  },
  brine: {
    id: 'brine',
    does: 'mix-brine',
    minutesPerKg: 3,
    only: 'brine'
  },
  pour: { id: 'pour', does: 'pour', minutesPerKg: 2, only: 'brine' },
  cover: {
    id: 'cover',
    does: 'cover',
    minutesPerKg: 2,
    caution: 'hairline'
  },
  /** In two stages: plain first, seasoned once it works. */
  season: { id: 'season', does: 'season-later', minutesPerKg: 3, afterDays: 4 },
  cooked: {
    id: 'cooked',
    does: 'cooked-later',
    minutesPerKg: 2,
    afterDays: 4,
    caution: 'young-ferment'
  },
  label: { id: 'label', does: 'label', minutesPerKg: 1 }
} as const satisfies Record<string, Step>;

