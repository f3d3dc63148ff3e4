import type { Cut } from '../core/produce';

/** How vegetables are cut, as one says what it is like. */
export const CUT_WORDS: Readonly<Record<Cut, string>> = {
  shred: 'shreds',
  leaf: 'leaves',
  spear: 'spears',
  coin: 'coins',
  chunk: 'chunks',
  floret: 'florets',
  half: 'halves',
  upright: 'whole ones, upright',
  cherry: 'small round ones',
  strip: 'strips',
  ring: 'rings',
  whole: 'whole ones',
  mash: 'a mash'
};
