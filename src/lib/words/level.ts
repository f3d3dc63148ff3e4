import type { LevelCause } from '../core/care';

/** Why liquid stands low: what it is called, how it comes, and what to do before anything is poured. */
interface LevelWords {
  readonly name: string;
  readonly why: string;
  readonly does: string;
}

export const LEVEL_WORDS: Readonly<Record<LevelCause, LevelWords>> = {
  undrawn: {
    name: 'not yet drawn out',
    why: 'Dry-salted vegetables stand in their own juice within a day; until then it is still in them.',
    does: 'Press it down and wait till a day is over. Still not covered then: pour brine of its own strength.'
  },
  lifted: {
    name: 'lifted by its gas',
    why: 'In the lively days gas carries the pieces up out of the brine. Nothing is missing.',
    does: 'Press them under with clean hands, the weight back on; daily.'
  },
  ranOver: {
    name: 'ran over',
    why: 'Its gas lifted it over the rim. Brine that went took its salt with it.',
    does: 'Look at the tray; juice that stood clean goes back in.'
  },
  sunkBack: {
    name: 'sank back as the gas left',
    why: 'What its gas had lifted goes down again. As a rule nothing is missing.',
    does: 'Press it down. Covered again, it wants nothing else.'
  },
  drawnIn: {
    name: 'drawn into the vegetables',
    why: 'Brine takes the place of the air in whole or large pieces.',
    does: 'Press it down; what was drawn in is in the jar still.'
  },
  evaporated: {
    name: 'evaporated',
    why: 'Only water goes through this lid, the salt stays: it is saltier by that.',
    does: 'Make it up with plain water.'
  },
  leaks: {
    name: 'leaked or was poured away',
    why: 'More is missing than its days, its lid and its gas can have taken.',
    does: 'Look for a puddle, a worn seal, a crack. A cracked jar is thrown away with all that is in it.'
  }
};
