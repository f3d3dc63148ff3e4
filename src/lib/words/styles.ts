import type { CropNote } from '../core/safety';
import {
  styleLike,
  style,
  type Reason,
  type RestUntil,
  type StepCaution,
  type StepDoes,
  type Style,
  type StyleId
} from '../core/style';
import { writePercent } from '../core/quantity';

/** What the hands do, step by step. */
export const STEP_WORDS: Readonly<Record<StepDoes, string>> = {
  wash: 'Wash in cold water and drain. Cut out what is soft or spotted.',
  shred: 'Shred 2–6 mm, all of one thickness.',
  'cut-even': 'Cut to even pieces.',
  'cut-peppers': 'Take off the stems, open whole ones, cut to even pieces.',
  weigh: 'Zero the empty bowl; weigh the cut vegetables.',
  rub: 'Strew the weighed salt over and rub or pound it in.',
  'mix-brine': 'Stir the weighed salt into the water until it is clear; let it come to room temperature.',
  pour: 'Pour the brine to the fill line and tap out the air.',
  cover: 'Follower and weight on, liquid 1–2 cm over everything, wipe the rim, close, set on a tray.',
  'season-later':
    'In two stages, if you like: ferment it plain, then work the seasoning in and press it down again.',
  'cooked-later':
    'Cooked or protein additions, fish, egg, beans: only after pH 4.2 or lower; then into the fridge, eaten within days.',
  label: 'Write the jar number, the name and the day on the lid.',
  'trim-heads': 'Take off the outer leaves and keep three good ones as followers. Cut out the core.',
  'pack-pressed': 'Pack in layers, pressing each one down, and pour all the juice back in.',
  'shred-or-chop': 'Shred or chop everything to one size; onion in half rings.',
  'turn-under': 'Turn the weighed salt and the spice under. Massage a little, do not pound.',
  'pack-loose': 'Stuff it loosely into the jar, without pounding.',
  'serve-with': 'Lime juice and fruit go in when it is served, not before.',
  'quarter-heads': 'Quarter the heads, or cut 3–4 cm squares. Roots and onions wait for the paste.',
  'salt-leaves': 'Strew the heavy salt between the leaves, most on the thick ribs.',
  rinse: 'Rinse twice in cold water, let drain, wring out.',
  'grind-paste':
    'Chilli, garlic, ginger and fruit to a paste; a cooked starch glue must be cold first. Fish sauce is counted as salt.',
  'pack-leaves': 'Work the paste between the leaves, gently; pack pressing the air out.',
  'cut-leaves': 'Leaves whole or in broad bands; roots in thin coins.',
  'turn-leaves': 'Strew the weighed salt and turn the leaves in it with open hands. Never crush them.',
  'work-paste': 'Work the paste in gently.',
  'fold-in': 'Fold the leaves into the jar so that each lies flat; pour the juice in.',
  'wash-trim':
    'Wash and trim. Slit whole peppers and tomatoes; cut a sliver off the blossom end of gherkins.',
  'pack-tight': 'Tannin leaf and spice below, pieces packed tight, small and floating ones low.',
  soak: 'Soak in cold water for an hour; cut a sliver off both ends.',
  'stand-upright': 'Dill and garlic below, cucumbers upright and tight, dill on top.',
  'cover-saucer': 'A saucer on top instead of a weight, a cloth over; set on a tray.',
  'cut-stem-end': 'Cut the stem end out and prick each fruit once.',
  'pack-fruit': 'Garlic and herb below, the firmest fruit low, no squeezing.',
  'pack-rings': 'Pack rings flat and press out the air; an onion slice on top holds them down.',
  'pack-fruit-low': 'Fruit low, chillies over it, an onion slice on top that holds the seeds down.',
  'blend-with-brine': 'Drain and keep the brine; blend with 20–60 % of it; sieve or not; measure pH; bottle.',
  grind: 'Take off the stems; grind or chop fine, seeds and all.',
  'stir-salt': 'Stir the weighed salt right through.',
  'fill-mash': 'Fill, tap out the air, smooth the top.',
  'cover-mash': 'Airlock on, or stir daily; wipe the rim. The surface moulds easily.',
  blend: 'Blend, sieve or not, measure pH, bottle.'
};

/** Said where the harm would happen. */
export const STEP_CAUTIONS: Readonly<Record<StepCaution, string>> = {
  guard: 'Use the guard or a cut-proof glove on a mandoline.',
  'gloves-board': 'Hot peppers: gloves on, hands off your eyes, air moving. Wash the board afterwards.',
  hairline: 'Glass with a hairline crack bursts under gas: hold it to the light, run a nail along the rim.',
  'young-ferment': 'In a young ferment they feed what spoils. Measure first; no strip, no fish.',
  'rinse-unknown':
    'What is left of the salt cannot be calculated: weigh it again, and taste or measure the juice.',
  'gloves-allergens':
    'Hot peppers: gloves on, hands off your eyes. Fish, shrimp and soy are allergens: name them on the lid.',
  gloves: 'Hot peppers: gloves on, hands off your eyes.',
  'hot-brine': 'Hot brine: a warm jar on a cloth, poured slowly, gloves or a towel.',
  'small-knife': 'A small sharp knife: cut away from the hand.',
  vapour: 'Blending throws hot vapour: open a window, keep your face away, gloves on.'
};

/** Rest until … */
export const REST_WORDS: Readonly<Record<RestUntil, string>> = {
  'own-juice': 'it stands in its own juice',
  glistens: 'it glistens',
  'ribs-bend': 'a rib bends without breaking',
  limp: 'the leaves are limp'
};

/** Of one crop, where it is prepared. */
export const CROP_NOTES: Readonly<Record<CropNote, string>> = {
  'beet-colours': 'Beet colours the jar evenly. Pink patches or slime: throw it away.',
  'beans-toxin':
    'Raw green beans hold a toxin that boiling destroys; some guidance boils them first. Follow your national advice.',
  slit: 'Slit whole ones so that brine gets in and no air stays.',
  'blossom-end': 'The sliver comes off the blossom end: its enzymes soften the rest.',
  'tomatoes-fall': 'Tomatoes start near pH 4.6: the pH must also be seen to fall.'
};

/** A style in words: what it is, how it is laid in the jar, how it tastes as it goes on, how it is finished. */
export interface StyleWords {
  readonly says: string;
  readonly layers: string;
  /** From its first day to its last, in four. */
  readonly tasting: readonly [string, string, string, string];
  readonly finishing: string;
}

const STYLE_WORDS: Readonly<Record<StyleId, StyleWords>> = {
  shredded: {
    says: 'Firm heads shredded 2–6 mm, rubbed with dry salt until they stand in their own juice.',
    layers: 'Pressed layer by layer, a tannic or outer leaf laid over, then the weight.',
    tasting: ['sweet and salty', 'lightly sour', 'clear sour', 'full sour'],
    finishing: 'Press down, level the juice over the shreds, take the weight out, close airtight.'
  },
  slaw: {
    says: 'Shredded or chopped cabbage with onion, carrot and chilli, eaten young and fresh.',
    layers: 'Loose, all in one; a large leaf laid over.',
    tasting: ['raw and salty', 'fresh and fizzy', 'lightly sour', 'kraut'],
    finishing: 'To the cold while it is still fresh; lime and fruit when served.'
  },
  'leaf-rinsed': {
    says: 'Leaf cabbage salted heavily, turned, rinsed and wrung out, then worked with a paste.',
    layers: 'Pressed, leaf on leaf, the outer leaves on top.',
    tasting: ['fresh salad', 'tingling', 'ripe', 'sour, for the pan'],
    finishing: 'To the cold while it tingles; it goes on ripening there.'
  },
  'leaf-single': {
    says: 'Any tender brassica leaf with its cut roots, about 2 % dry salt, no rinse, a gentle hand.',
    layers: 'Leaves flat on each other, roots between, the largest leaf on top.',
    tasting: ['green and salty', 'mild', 'tangy', 'sour'],
    finishing: 'Press down, juice over the leaves, to the cold.'
  },
  pieces: {
    says: 'Whole, halved, spears, florets or coins under a brine that is stronger than what it settles at.',
    layers: 'Spice below, light and floating things low or under large slices, the widest pieces on top.',
    tasting: ['raw and salty', 'mild', 'tangy', 'sour to the core'],
    finishing: 'Top the brine up over the pieces, take the weight out, close airtight.'
  },
  'short-cucumbers': {
    says: 'Whole small cucumbers stood upright, ends off, days in brine: a fresh pickle, a new jar each week.',
    layers: 'Upright and tight, so that they hold each other down.',
    tasting: ['cucumber in brine', 'half sour', 'sour outside', 'sour through'],
    finishing: 'To the cold half sour; eat within a month.'
  },
  'soft-fruit': {
    says: 'Ripe or cherry tomatoes whole, stem end out, with garlic and herb.',
    layers: 'Firm below, ripe above; they soften, and the weight may sink later.',
    tasting: ['tomato in brine', 'fizzy', 'sour and sweet', 'deep sour'],
    finishing: 'To the cold whole; where the weight lies no longer matters there.'
  },
  'sliced-peppers': {
    says: 'Strips, rings or chunks, seeded or not, in brine or salted by total weight.',
    layers: 'Rings flat, an onion slice on top. Hollow pieces hold air: tap the jar.',
    tasting: ['raw and salty', 'mild', 'tangy', 'sour'],
    finishing: 'Brine over the rings, take the weight out, close airtight.'
  },
  'pepper-sauce': {
    says: 'Sliced chillies with fruit, onion, garlic and tough herbs; blended after.',
    layers: 'Fruit low, chillies over it, an onion slice on top.',
    tasting: ['hot and raw', 'fizzy', 'sour', 'deep and round'],
    finishing:
      'Drain, blend with some of the brine, sieve or not. Above pH 4.0 add acid, stir, measure again. Bottle, keep cold; flip-tops can burst.'
  },
  'pepper-mash': {
    says: 'Chillies ground or chopped fine with dry salt, stirred daily or sealed under an airlock.',
    layers: 'All one; nothing laid over but plastic wrap pressed on.',
    tasting: ['hot and salty', 'bready', 'sour', 'deep and round'],
    finishing:
      'Blend, loosen with brine or vinegar. Above pH 4.0 add acid, stir, measure again. Bottle, keep cold; flip-tops can burst.'
  }
};

/** A style in words, an own one by what it is a way of. Example: an own way of pieces says `'your own: pieces in brine'`. */
export function styleWords(s: Pick<Style, 'id'>): StyleWords {
  const table = style(s.id);
  const words = STYLE_WORDS[styleLike(s.id) as StyleId];
  return table && table.id !== s.id ? { ...words, says: `your own: ${table.name.toLowerCase()}` } : words;
}

/** Why a style is proposed. Example: `'suits 80 % of what you have'`. */
export function reasonWords(r: Reason): string {
  if (r.why === 'running-low') return 'running low';
  if (r.why === 'too-hot') return 'hot for those who like it mild';
  return r.share > 0.99 ? 'suits what you have' : `suits ${writePercent(r.share, 0)} of what you have`;
}
