/** What is said of the steps, by code: the sentences stand in `words`. */

/** What the hands do at a step. */
export type StepDoes =
  | 'wash'
  | 'shred'
  | 'cut-even'
  | 'cut-peppers'
  | 'weigh'
  | 'rub'
  | 'mix-brine'
  | 'pour'
  | 'cover'
  | 'season-later'
  | 'cooked-later'
  | 'label'
  | 'trim-heads'
  | 'pack-pressed'
  | 'shred-or-chop'
  | 'turn-under'
  | 'pack-loose'
  | 'serve-with'
  | 'quarter-heads'
  | 'salt-leaves'
  | 'rinse'
  | 'grind-paste'
  | 'pack-leaves'
  | 'cut-leaves'
  | 'turn-leaves'
  | 'work-paste'
  | 'fold-in'
  | 'wash-trim'
  | 'pack-tight'
  | 'soak'
  | 'stand-upright'
  | 'cover-saucer'
  | 'cut-stem-end'
  | 'pack-fruit'
  | 'pack-rings'
  | 'pack-fruit-low'
  | 'blend-with-brine'
  | 'grind'
  | 'stir-salt'
  | 'fill-mash'
  | 'cover-mash'
  | 'blend';

/** Said at the step where the harm would happen. */
export type StepCaution =
  | 'guard'
  | 'gloves-board'
  | 'hairline'
  | 'young-ferment'
  | 'rinse-unknown'
  | 'gloves-allergens'
  | 'gloves'
  | 'hot-brine'
  | 'small-knife'
  | 'vapour';

/** What a rest is over by. */
export type RestUntil = 'own-juice' | 'glistens' | 'ribs-bend' | 'limp';

/** The styles of the table. */
export type StyleId =
  | 'shredded'
  | 'slaw'
  | 'leaf-rinsed'
  | 'leaf-single'
  | 'pieces'
  | 'short-cucumbers'
  | 'soft-fruit'
  | 'sliced-peppers'
  | 'pepper-sauce'
  | 'pepper-mash';
