import { eg, type WordsOf } from './kinds';

/** What is typed and cannot be read: weights, counts, doses, cards. */
export const OF_AMOUNTS = {
  'nothing-said': (v) => ['Nothing is written here.', eg(v)],
  'too-long': (v) => ['That is too long to be an amount.', eg(v)],
  'text-too-long': ['That text is too long.', 'Shorten it: 80 letters for a name, 500 for a note.'],
  'price-out-of-range': ['A price is said by a number.', 'Give one from 0 to 100 000, or leave it out.'],
  'label-out-of-range': [
    'A label’s measures are said in millimetres.',
    'Labels are 15 to 200 mm wide and 10 to 200 high, edges up to 100 mm, gaps up to 50.'
  ],
  'titration-out-of-range': [
    'That figure does not fit a titration.',
    'Sample 1 to 100 ml, lye 0.01 to 1 mol/l, lye used 0.01 to 2000 ml.'
  ],
  negative: (v) => ['An amount cannot be below zero.', eg(v)],
  'comma-unclear': (v) => [`“${v.said}” can mean two things.`, `Write ${v.one} or ${v.other}.`],
  'ounce-unclear': (v) => [
    `“${v.said}”: ounces of weight, or fluid ounces?`,
    'Weigh it: 5 oz. A measure of liquid does not fit here.'
  ],
  'not-understood': (v) => [
    v.rest && v.rest !== v.said
      ? `I do not know what “${v.rest}” means in “${v.said}”.`
      : `“${v.said}” is not clear to me.`,
    eg(v)
  ],
  'unit-missing': (v) => [`${v.number} of what?`, eg(v)],
  'number-without-unit': (v) => [`What is the ${v.number} after the ${v.unit}?`, eg(v)],
  'wrong-kind': (v) => [`${v.unit} does not measure ${v.kind}.`, eg(v)],
  'units-disagree': (v) => [
    `${v.unit} cannot follow ${v.before}.`,
    'Use one pair: lb and oz, kg and g, l and ml; the larger first.'
  ],
  'part-too-large': (v) => [`${v.number} ${v.unit} is more than one ${v.before}.`, 'Check the smaller part.'],
  'weight-not-positive': ['That is no weight.', 'Give more than zero, such as 250 g.'],
  'weight-absurd': (v) => [`“${v.said}” is more than 500 kg at once.`, 'Check the unit: g, kg, lb or oz.'],
  'tare-too-heavy': (v) => [
    `The tare (${v.tare}) is not lighter than the gross weight (${v.gross}).`,
    'Swap them, or weigh the empty bowl again.'
  ],
  'basket-how-much': (v) => [
    `How much ${v.crop}?`,
    `Write its weight beside it, such as 3 kg or 5 lb, or a count: 4 ${v.piece}s.`
  ],
  'basket-of-what': (v) => [
    `I know no vegetable in “${v.said}”.`,
    `Write a weight and its plain name: ${v.examples}. What the table lacks is added in Kit.`
  ],
  'pepper-which': [
    'Which peppers are they?',
    'Write ripe bell peppers, green bell peppers, jalapeños, cayenne peppers: how wet and how hot they are matters.'
  ],
  'count-not-understood': (v) => [
    `“${v.said}” is not clear to me.`,
    `Give a weight, or a count such as 3 ${v.piece}s or half a ${v.piece}.`
  ],
  'dose-not-understood': (v) => [
    `“${v.said}” is not clear to me.`,
    'Say how much salt to how much of what: 30 g/l, 3 tbsp to 5 lb, 2.2 % of the vegetables, a heaped dessertspoon a jar.'
  ],
  'dose-of-what': (v) => [
    `“${v.said}”: to how much of what?`,
    'Add it: to 1 l of water, to 5 lb, a jar, a head.'
  ],
  'dose-means-nothing': (v) => [
    `“${v.said}” means nothing in these jars.`,
    'A dose of the water needs brine; a dose by the head needs heads.'
  ],
  'nothing-said-of-salt': ['No dose is said yet.', 'Write it as you say it: 3 tbsp to 5 lb.'],
  'recipe-figure-missing': (v) => [
    `The recipe lacks a figure: “${v.said}”.`,
    'Give the figure on its card, or write “as you like” behind it.'
  ],
  'card-too-long': ['That is too long for a card.', 'A card holds sixty lines; notes go beside it.'],
  'dose-too-long': ['That is too long for one dose.', 'Say it in one breath: 3 tbsp to 5 lb.'],
  'dose-word-unknown': (v) => [
    `I do not know what “${v.word}” means here.`,
    'Leave it out, or say it otherwise: how much salt to how much of what.'
  ],
  'dose-salt-unknown': (v) => [
    v.word ? `I do not know a salt called “${v.word}”.` : 'I do not know that salt.',
    'Name one from the list in Kit, such as fine sea salt or coarse sea salt, or weigh it: 30 g to 1 l.'
  ],
  'dose-negated': (v) => [
    `“${v.word}” says what the dose is not, or fences it in.`,
    'Say the dose itself: 2 tbsp to 1 l of water.'
  ],
  'dose-twice': (v) => [`“${v.said}” says more than one dose.`, 'Give one dose at a time.'],
  'dose-two-bases': (v) => [
    `“${v.said}” is taken of two things.`,
    'Say one: of the water, of the vegetables, or of both together.'
  ],
  'dose-no-amount': (v) => [
    `“${v.said}” says no amount of salt.`,
    'Say how much: 3 tbsp to 5 lb, 30 g/l, 2.2 % of the vegetables.'
  ],
  'dose-number-alone': (v) => [
    `“${v.said}” has a number without a measure.`,
    'Give it one: g, tsp, tbsp, %.'
  ],
  'dose-impossible': (v) => [
    `“${v.said}” is no dose that water could dissolve or a jar could keep with.`,
    'Check the units: 20 to 60 g to a litre of water, 15 to 50 g to a kilo of vegetables are usual.'
  ],
  'dose-base-by-volume': [
    'A measure of cut vegetables says little: a cup of shreds weighs 70 to 250 g, by how it is pressed.',
    'Weigh them and say the dose to their weight, such as 1 tsp to 250 g.'
  ],
  'dose-piece-strange': (v) => [
    `“${v.said}”: that crop is not counted like that.`,
    'Say the dose to a weight.'
  ],
  'amounts-disagree': (v) => [
    v.one && v.other
      ? `${v.one} and ${v.other} are not the same amount.`
      : `“${v.said}” says two amounts that do not agree.`,
    'Keep the one that is right.'
  ],
  'salt-curing': (v) => [
    `Curing salt (“${v.word}”) holds nitrite and is poisonous in such amounts: never use it in a ferment of vegetables.`,
    'Use plain salt. Pink rock salt is another thing: write “pink rock salt”.'
  ],
  'piece-not-of-crop': (v) => [
    `I do not know a ${v.word} of ${v.crop}.`,
    `Count it in: ${v.fits}. Or weigh it.`
  ],
  'count-of-another': (v) => [`This pick is ${v.crop}, not ${v.other}.`, `Count ${v.piece}s, or weigh it.`],
  'pieces-weight-far': (v) => [
    `${v.n} pieces of ${v.crop} would weigh about ${v.usual}, and you say ${v.said}.`,
    'Check both; if it is so, tick it below and weigh it in.'
  ],
  'temp-not-understood': (v) => [`“${v.said}” is no temperature.`, 'Write it like 21 °C or 70 °F.'],
  'strength-of-what': (v) => [
    `“${v.said}”: salt to how much water?`,
    'Say it of the water: 3 %, 30 g/l, 1 tbsp a cup of water; 0 for plain water.'
  ],
  'strength-unclear': (v) => [
    `“${v.said}” can mean ${v.low} % or ${v.high} %.`,
    'Say which salt, or weigh it: 30 g to 1 l.'
  ],
  'heavy-of-what': (v) => [
    `“${v.said}”: salt to how much leaf?`,
    'Say it of the leaf: 10 %, a cup to 4 lb, 2 tbsp a head.'
  ],
  'heavy-strange': (v) => [
    `“${v.said}” is ${v.percent} % of the leaf: heavy salting before a rinse takes 5 to 12 % as a rule.`,
    'Give between 2 and 20 % of the leaf.'
  ],
  'salt-blend': [
    'Potassium blends and reduced salt are not worked out here: salt is what keeps the jar.',
    'Use a plain salt, or a recipe tested for the blend.'
  ]
} as const satisfies WordsOf;
