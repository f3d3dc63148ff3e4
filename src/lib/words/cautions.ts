import { writeMass, writePercent, writeTemperature, type WrittenUnits } from '../core/quantity';
import { PH_LINE, type Caution, type RuleFacts, type RuleId } from '../core/safety';
import { CROP_NOTES } from './styles';

/** A caution in words: what, why, and how well that is known. */
export interface CautionWords {
  readonly says: string;
  readonly reason: string;
  readonly source: string;
}

interface RuleWords<Facts> {
  readonly says: (facts: Facts, units: WrittenUnits) => string;
  readonly reason: string;
  readonly source: string;
}

const PRACTICE = 'common practice, no source';
const GUIDE6 = 'USDA Complete Guide to Home Canning, Guide 6, recalled from memory';

const ofStyle = ({ at, style, from, to }: RuleFacts['salt-under-style']): string =>
  `Settles at ${writePercent(at)}: ${style} takes ${writePercent(from)} to ${writePercent(to)}.`;

const RULES: { readonly [R in RuleId]: RuleWords<RuleFacts[R]> } = {
  'salt-too-weak': {
    says: ({ at }) => `Settles at ${writePercent(at)}: too weak to keep.`,
    reason: 'Salt holds spoilers back until the acid is made. Under 1.5 % they may win.',
    source: PRACTICE
  },
  'salt-low': {
    says: ({ at }) => `Settles at ${writePercent(at)}: short-lived, cold only.`,
    reason: 'Keeps a short time, and only in the cold.',
    source: PRACTICE
  },
  'salt-under-style': {
    says: ofStyle,
    reason: 'So little is far under what this style is made with: it may spoil before it sours.',
    source: PRACTICE
  },
  'salt-below-style': {
    says: ofStyle,
    reason: 'Under the usual salt of this style it is softer and keeps shorter.',
    source: PRACTICE
  },
  'salt-over-style': {
    says: ofStyle,
    reason: 'Over the usual salt of this style it sours slowly and tastes of salt.',
    source: PRACTICE
  },
  'crop-outside': {
    says: ({ crop, style }) => `${crop} is not usual for ${style.toLowerCase()}.`,
    reason: 'Salt, time and packing of this style are not made for it: treat the figures as a first guess.',
    source: PRACTICE
  },
  'near-line': {
    says: ({ crops }) =>
      `${crops.join(', ')}: measure the pH today and again by its day; it must have fallen.`,
    reason:
      'A crop that starts near pH 4.6 can read low without having soured: only a fall shows that it has.',
    source: 'pH of tomatoes near 4.6 as in extension guides for canning, recalled from memory'
  },
  'mash-air': {
    says: () => 'The mash does not fill its jar: press wrap on it, or take a smaller one.',
    reason: 'A mash moulds where it meets air; brine would only thin it.',
    source: PRACTICE
  },
  'jars-idle': {
    says: ({ jars }) =>
      `${jars === 1 ? 'One of these jars stays' : `${jars} of these jars stay`} empty: there is too little for them.`,
    reason: 'A jar that is nearly empty is mostly air, and air brings mould.',
    source: PRACTICE
  },
  'salt-high': {
    says: ({ at }) => `Settles at ${writePercent(at)}: very salty.`,
    reason: 'Sours slowly and is too salty to eat undiluted.',
    source: PRACTICE
  },
  'lid-unopened': {
    says: ({ jars }) =>
      `${jars === 1 ? 'A clamped jar' : `${jars} clamped jars`} and nobody to open them: take an airlock, or loosen the lid.`,
    reason: 'A clamped lid holds the gas in. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  'ph-line': {
    says: ({ pH, day, lineDay }) =>
      `pH ${pH} on day ${day}: it should be ${PH_LINE} or lower by day ${lineDay}. Throw the jar away.`,
    reason:
      'A ferment that is not at pH 4.6 or lower by this day has not soured as it should. Do not taste it. A strip can be 0.3 out: look for 4.3.',
    source:
      'the acidified-food line, 21 CFR 114, recalled from memory; used for ferments by common practice, the day too'
  },
  'ph-not-fallen': {
    says: ({ pH }) => `pH ${pH}, but it has not been seen to fall. Measure again, compare with the first.`,
    reason: 'Tomatoes start near 4.6, so a low reading alone proves nothing: the pH must also have fallen.',
    source: PRACTICE
  },
  'place-cold': {
    says: ({ place, tempC }, units) =>
      `${place} is ${writeTemperature(tempC, units)}: it may not start there.`,
    reason: 'In such a cold it may not start.',
    source: PRACTICE
  },
  'place-warm': {
    says: ({ place, tempC }, units) => `${place} is ${writeTemperature(tempC, units)}: cooler is better.`,
    reason:
      'Cabbage softens in such warmth, and other pieces over about 27 °C; what spoils gains on what sours.',
    source: `${GUIDE6}: kraut to 24 °C, cucumbers to 27 °C`
  },
  'scale-too-coarse': {
    says: ({ by, times }) =>
      `Your scale is too coarse for this dose: ${by === 'spoon' ? 'measure it by level spoons' : `make ${times} times the brine at once, or borrow a finer one`}.`,
    reason: 'Half a step of the scale is over a quarter of the dose: it may come out far too weak.',
    source: PRACTICE
  },
  gloves: {
    says: ({ crop }) => `${crop}: wear gloves, keep off your eyes.`,
    reason: 'Chilli burns skin and eyes for hours.',
    source: PRACTICE
  },
  'juice-short': {
    says: (v) =>
      v.by === 'salt'
        ? `Salt of ${writePercent(v.at)} draws little juice. Have brine ready.`
        : `${v.by === 'crops' ? `${v.crops.join(', ')}: ` : 'Dried things drink the juice: '}little juice. Have brine ready.`,
    reason: 'Dry, lightly salted or old produce gives little juice, and what stands in air moulds.',
    source: `${GUIDE6}; how to foresee it is common practice`
  },
  'rinse-unmeasured': {
    says: ({ from, to }) =>
      `Rinsed leaf that nobody tasted or measured: somewhere between ${writePercent(from)} and ${writePercent(to)}.`,
    reason:
      'What heavy salting and rinsing leave cannot be calculated: it may be too weak to keep or too salty to eat. Taste the wrung leaf, or measure the juice.',
    source: PRACTICE
  },
  'rinse-salty': {
    says: ({ addG }, units) =>
      `The leaf is saltier than wanted already: rinse and wring it once more, or work in about ${writeMass(addG, units)} of unsalted vegetables.`,
    reason: 'Only water takes salt out.',
    source: PRACTICE
  },
  'sauce-salty': {
    says: ({ addG }, units) =>
      `The leaf is right; the salty ingredients bring it over: take less of them, or work in about ${writeMass(addG, units)} of unsalted vegetables.`,
    reason: 'What is salty by itself brings its salt with it.',
    source: PRACTICE
  },
  'rinse-and-sauce': {
    says: ({ from, to }) =>
      `Leaf that nobody measured and salty things besides: it settles anywhere between ${writePercent(from)} and ${writePercent(to)}. Taste the leaf before the sauce goes in.`,
    reason: 'Two salts that nobody measured add up: it may be far too salty to eat, or still too weak.',
    source: PRACTICE
  },
  'hot-brine': {
    says: () => 'Hot brine: warm the jar, a cloth under it, pour slowly.',
    reason:
      'Hot brine and its steam scald, and cold glass cracks: no children at the stove, tongs for hot jars. Hot also wilts, and fewer bacteria live through it.',
    source: PRACTICE
  },
  'weight-above-rim': {
    says: ({ jar, weight, mm }) =>
      `${jar}: the ${weight} stands ${mm} mm above the rim; the lid will not close. Leave more headspace or take a flatter one.`,
    reason: 'A weight that stands above the rim keeps the lid open, or lifts it.',
    source: PRACTICE
  },
  'bits-past': {
    says: ({ jar, weight, widthMm, bodyMm }) =>
      `${jar}: a ${weight} of ${widthMm} mm in ${bodyMm} mm lets bits past. Lay a whole leaf under it.`,
    reason: 'Bits that float up past the cover meet air, and mould starts on them.',
    source: PRACTICE
  },
  'away-clamped': {
    says: ({ from, to, jars }) =>
      `You are away from day ${from} to day ${to}, and ${jars === 1 ? 'a clamped jar wants' : `${jars} clamped jars want`} opening then: an airlock, a loose lid, or a neighbour.`,
    reason: 'In its gassing days a closed lid must be opened. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  hollow: {
    says: ({ crops }) => `Whole ${crops.join(', ')}: slit or prick each, so that no air stays inside.`,
    reason: 'Air inside a piece lifts it and spoils it from within.',
    source: PRACTICE
  },
  floats: {
    says: ({ crops }) =>
      `${crops.join(', ').replace(/^./, (l) => l.toUpperCase())}: floats. Low in the jar, or under large slices.`,
    reason: 'What floats meets air, and what meets air moulds.',
    source: PRACTICE
  },
  'much-surface': {
    says: ({ jar, deepMm, openMm }) =>
      `${jar}: ${deepMm} mm deep under ${openMm} mm of open surface. A narrower jar or crock, or plastic wrap (cling film) on it.`,
    reason: 'Much open surface on little content: film and evaporation.',
    source: PRACTICE
  },
  'crop-note': {
    says: ({ note }) => CROP_NOTES[note],
    reason: 'Said of this crop alone.',
    source: PRACTICE
  },
  'raw-not-pantry': {
    says: () => 'Raw ferments do not stand here.',
    reason:
      'A raw ferment is alive and not shelf-stable. Only a tested heat process makes a pantry jar, for its product, its jar size and your altitude.',
    source: GUIDE6
  }
};

/** Says a caution in the household's units. */
export function cautionWords(c: Caution, units: WrittenUnits): CautionWords {
  // One rule, its facts and its words go together; of a union of rules that cannot be said.
  const { says, reason, source } = RULES[c.rule] as RuleWords<unknown>;
  return { says: says(c.values, units), reason, source };
}

/** Why a rule is one. */
export const ruleReason = (rule: RuleId): string => RULES[rule].reason;
