/** What is done with a jar that shows it. fine: nothing to do; heed: do something; discard: it is to be thrown away. */
export type SignLevel = 'fine' | 'heed' | 'discard';

/** The signs that people ask about, harmless ones first. Common practice, no source. */
export const SIGNS = {
  cloudy: 'fine',
  'blue-garlic': 'fine',
  whiff: 'fine',
  dull: 'fine',
  'red-crop': 'fine',
  lull: 'fine',
  film: 'heed',
  overflow: 'heed',
  low: 'heed',
  lifted: 'heed',
  yeasty: 'heed',
  domed: 'heed',
  'no-bubbles': 'heed',
  soft: 'heed',
  ropy: 'heed',
  mould: 'discard',
  'film-off': 'discard',
  pink: 'discard',
  slime: 'discard',
  rotten: 'discard'
} as const satisfies Record<string, SignLevel>;

export type SignId = keyof typeof SIGNS;

/** Whether a sign is one of ours. */
export const isSign = (id: string): id is SignId => Object.hasOwn(SIGNS, id);

/** Example: `isDiscard('mould')` is true; an unknown sign is none. */
export const isDiscard = (id: string): boolean => isSign(id) && SIGNS[id] === 'discard';

/** Who eats here, for whom a word of caution is said where jars are eaten and given. */
export const EATERS = ['pregnant', 'infant', 'immune', 'salt', 'histamine', 'anticoagulant'] as const;
export type EaterId = (typeof EATERS)[number];
