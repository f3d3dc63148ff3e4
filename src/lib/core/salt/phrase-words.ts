/** Heaped or packed adds 10-25 %, scant takes as much. Common practice, no source. */
export const HEAPS: Record<string, readonly [factor: number, gsd: number]> = {
  level: [1, 1],
  heaped: [1.175, 1.08],
  heaping: [1.175, 1.08],
  rounded: [1.1, 1.06],
  scant: [0.87, 1.06],
  big: [1.175, 1.1],
  small: [0.87, 1.1]
};

/** Hands and mugs. Common practice, no source; weigh your own. */
export const HANDFUL = { g: 35, gsd: 1.4 };
export const PINCH = { g: 0.4, gsd: 1.5 };
export const MUGS_ML = [250, 300, 350];
export const DESSERTSPOON_ML = 10;

/** Salts as they are named, and what the name may mean: the first that fits. */
export const SALT_WORDS: readonly (readonly [RegExp, readonly string[]])[] = [
  [/\b(dense|rolled) kosher( salt)?\b/, ['kosher-dense']],
  [/\b(light|hollow|flaky|flake) kosher( salt)?\b/, ['kosher-light']],
  // A tablespoon of the one weighs two thirds more than of the other.
  [/\b(coarse )?kosher( salt)?\b/, ['kosher-dense', 'kosher-light']],
  [/\b(fine )?table( salt)?\b/, ['table-fine']],
  [/\b(canning (or|and) |pickling (or|and) )?(pickling|canning)( salt)?\b/, ['pickling']],
  [/\b(coarse|rough)( sea)?( salt)?\b/, ['sea-coarse']],
  [/\b(grey|gray)( sea)?( salt)?\b/, ['sea-grey-damp']],
  [/\b(flaky|flakes|flake)( sea)?( salt)?\b/, ['flaky']],
  [/\bfine( sea)?( salt)?\b|\bsea salt\b/, ['sea-fine']],
  [/\brock( salt)?\b/, ['rock-ground']]
];
