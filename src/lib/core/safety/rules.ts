/** Red is only for harm; heed is for what may spoil the jar or the fun. */
export type Level = 'harm' | 'heed';

/** A caution at the place of harm: what, why, and how well that is known. */
export interface Caution {
  readonly rule: string;
  readonly level: Level;
  readonly says: string;
  readonly reason: string;
  readonly source: string;
}

interface Rule {
  readonly level: Level;
  readonly reason: string;
  readonly source: string;
}

const PRACTICE = 'common practice, no source';
const GUIDE6 = 'USDA Complete Guide to Home Canning, Guide 6, recalled from memory';

/** Every rule once, with its reason and its source. */
export const RULES = {
  'salt-too-weak': {
    level: 'harm',
    reason: 'Salt holds spoilers back until the acid is made. Under 1.5 % they may win.',
    source: PRACTICE
  },
  'salt-low': { level: 'heed', reason: 'Keeps a short time, and only in the cold.', source: PRACTICE },
  'salt-under-style': {
    level: 'harm',
    reason: 'So little is far under what this style is made with: it may spoil before it sours.',
    source: PRACTICE
  },
  'salt-below-style': {
    level: 'heed',
    reason: 'Under the usual salt of this style it is softer and keeps shorter.',
    source: PRACTICE
  },
  'salt-over-style': {
    level: 'heed',
    reason: 'Over the usual salt of this style it sours slowly and tastes of salt.',
    source: PRACTICE
  },
  'crop-outside': {
    level: 'heed',
    reason: 'Salt, time and packing of this style are not made for it: treat the figures as a first guess.',
    source: PRACTICE
  },
  'near-line': {
    level: 'heed',
    reason:
      'A crop that starts near pH 4.6 can read low without having soured: only a fall shows that it has.',
    source: 'pH of tomatoes near 4.6 as in extension guides for canning, recalled from memory'
  },
  'mash-air': {
    level: 'heed',
    reason: 'A mash moulds where it meets air; brine would only thin it.',
    source: PRACTICE
  },
  'jars-idle': {
    level: 'heed',
    reason: 'A jar that is nearly empty is mostly air, and air brings mould.',
    source: PRACTICE
  },
  'salt-high': { level: 'heed', reason: 'Sours slowly and is too salty to eat undiluted.', source: PRACTICE },
  'lid-unopened': {
    level: 'harm',
    reason: 'A clamped lid holds the gas in. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  'ph-line': {
    level: 'harm',
    reason:
      'A ferment that is not at pH 4.6 or lower by this day has not soured as it should. Do not taste it. A strip can be 0.3 out: look for 4.3.',
    source:
      'the acidified-food line, 21 CFR 114, recalled from memory; used for ferments by common practice, the day too'
  },
  'ph-not-fallen': {
    level: 'harm',
    reason: 'Tomatoes start near 4.6, so a low reading alone proves nothing: the pH must also have fallen.',
    source: PRACTICE
  },
  'place-cold': { level: 'heed', reason: 'In such a cold it may not start.', source: PRACTICE },
  'place-warm': {
    level: 'heed',
    reason:
      'Cabbage softens in such warmth, and other pieces over about 27 °C; what spoils gains on what sours.',
    source: `${GUIDE6}: kraut to 24 °C, cucumbers to 27 °C`
  },
  'scale-too-coarse': {
    level: 'harm',
    reason: 'Half a step of the scale is over a quarter of the dose: it may come out far too weak.',
    source: PRACTICE
  },
  gloves: { level: 'heed', reason: 'Chilli burns skin and eyes for hours.', source: PRACTICE },
  'juice-short': {
    level: 'heed',
    reason: 'Dry, lightly salted or old produce gives little juice, and what stands in air moulds.',
    source: `${GUIDE6}; how to foresee it is common practice`
  },
  'rinse-unmeasured': {
    level: 'harm',
    reason:
      'What heavy salting and rinsing leave cannot be calculated: it may be too weak to keep or too salty to eat. Taste the wrung leaf, or measure the juice.',
    source: PRACTICE
  },
  'rinse-salty': { level: 'heed', reason: 'Only water takes salt out.', source: PRACTICE },
  'sauce-salty': {
    level: 'heed',
    reason: 'What is salty by itself brings its salt with it.',
    source: PRACTICE
  },
  'rinse-and-sauce': {
    level: 'harm',
    reason: 'Two salts that nobody measured add up: it may be far too salty to eat, or still too weak.',
    source: PRACTICE
  },
  'hot-brine': {
    level: 'heed',
    reason:
      'Hot brine and its steam scald, and cold glass cracks: no children at the stove, tongs for hot jars. Hot also wilts, and fewer bacteria live through it.',
    source: PRACTICE
  },
  'weight-above-rim': {
    level: 'heed',
    reason: 'A weight that stands above the rim keeps the lid open, or lifts it.',
    source: PRACTICE
  },
  'bits-past': {
    level: 'heed',
    reason: 'Bits that float up past the cover meet air, and mould starts on them.',
    source: PRACTICE
  },
  'away-clamped': {
    level: 'harm',
    reason: 'In its gassing days a closed lid must be opened. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  hollow: {
    level: 'heed',
    reason: 'Air inside a piece lifts it and spoils it from within.',
    source: PRACTICE
  },
  floats: { level: 'heed', reason: 'What floats meets air, and what meets air moulds.', source: PRACTICE },
  'much-surface': {
    level: 'heed',
    reason: 'Much open surface on little content: film and evaporation.',
    source: PRACTICE
  },
  'crop-note': { level: 'heed', reason: 'Said of this crop alone.', source: PRACTICE },
  'when-in-doubt': {
    level: 'harm',
    reason:
      'A flat white film is usually yeast: skim it and cover better. Raised or coloured spots, slime with softness, or a rotten smell: do not taste. Close it; throw the whole jar away.',
    source: PRACTICE
  },
  'raw-not-pantry': {
    level: 'harm',
    reason:
      'A raw ferment is alive and not shelf-stable. Only a tested heat process makes a pantry jar, for its product, its jar size and your altitude.',
    source: GUIDE6
  }
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;

/** Whether a name is one of our rules. */
export const isRule = (name: string): name is RuleId => Object.hasOwn(RULES, name);

/** A rule with the sentence for this case. */
export function caution(rule: RuleId, says: string): Caution {
  const { level, reason, source } = RULES[rule];
  return { rule, level, says, reason, source };
}

/**
 * The salt that can be said at all, everywhere: as a share of what it is taken of up to what water dissolves (36 g to 100 g
 * at 20 °C), as a salinity up to saturation (26.4 %); under a thousandth it is no dose.
 */
export const DOSES = { from: 0.001, to: 0.36 } as const;
export const SALINITIES = { from: 0.001, to: 0.264 } as const;
