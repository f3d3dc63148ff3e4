import type { Refusal, RefusalCode } from '../core/refusal';
import { OF_THE_HOUSE, type Values, type Words } from './words-house';

/** A refusal in words: what is wrong, and what would work. Worded here once, for pages and API alike. */
export interface Problem {
  readonly code: string;
  readonly field: string | null;
  readonly says: string;
  readonly wouldWork: string;
}

const g = (v: string | number | undefined) => `${Math.round(Number(v ?? 0))} g`;
const eg = (v: Values) => `Write it like ${v.examples ?? '1 195 g, 2 lb 3 oz'}.`;

const SENTENCES: Readonly<Record<RefusalCode, Words | ((v: Values) => Words)>> = {
  missing: ['This is not filled in.', 'Fill it in, then try again.'],
  'nothing-said': (v) => ['Nothing is written here.', eg(v)],
  'too-long': (v) => ['That is too long to be an amount.', eg(v)],
  'text-too-long': ['That text is too long.', 'Shorten it: 80 letters for a name, 500 for a note.'],
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
  'id-strange': ['That name of a thing is not one of ours.', 'Reload the page and choose it again.'],
  'not-a-choice': ['That is not one of the choices.', 'Choose one that is shown.'],
  'too-many': ['That is too many at once.', 'Do it in two goes.'],
  'day-strange': ['That is not a day.', 'Write it like 2026-09-12.'],
  'name-means-else': (v) => [
    `“${v.name}” means something else in a dose or on a card.`,
    'Choose a name that says which crop it is.'
  ],
  'name-taken': (v) => [`“${v.name}” is there already.`, 'Choose another name, or change that one.'],
  'day-long-ago': (v) => [`That is more than ${v.years} years ago.`, 'Look at the year again.'],
  'day-ahead': ['That day is still to come.', 'Choose today or an earlier day.'],
  'crop-unknown': ['I do not know that crop.', 'Choose one from the list.'],
  'style-unknown': ['I do not know that style.', 'Choose one that is shown.'],
  'salt-unknown': ['I do not know that salt.', 'Choose a kind from the list.'],
  'place-unknown': ['I do not know that place.', 'Choose a place of yours, or add it in Kit.'],
  'not-a-counter': (v) => [
    `${v.place} is not a place to ferment.`,
    'Start it on a counter place; move it to the cold when it is sour.'
  ],
  'jar-kind-unknown': ['You do not own that kind of jar.', 'Add it in Kit first.'],
  'jar-shape-unknown': ['I do not know that shape of jar.', 'Choose one from the list.'],
  'lot-unknown': ['That pick is not there.', 'Reload the page: it may have been undone.'],
  'batch-unknown': ['That batch is not there.', 'Reload the page: it may have been undone.'],
  'jar-unknown': ['That jar is not part of this batch.', 'Reload the page and choose it again.'],
  'jar-empty': (v) => [`Jar ${v.lidNumber} is empty already.`, 'Choose a jar that still holds something.'],
  'no-jar-named': ['No jar is chosen.', 'Tick at least one.'],
  'portion-unknown': ['That entry is not there.', 'Reload the page: it may have been undone.'],
  'taste-unknown': ['That taste is not there.', 'Reload the page: it may have been undone.'],
  'goods-unknown': ['That is not on the shelf.', 'Reload the page.'],
  'more-than-there-is': (v) => [
    `That is ${g(v.saidG)}, but only ${g(v.thereG)} is there.`,
    `Give ${g(v.thereG)} or less.`
  ],
  'less-than-used': (v) => [`${g(v.goneG)} of this pick is used already.`, `Give ${g(v.goneG)} or more.`],
  'changed-meanwhile': (v) => [
    `Somebody took from jar ${v.lidNumber} meanwhile: ${g(v.leftG)} is left.`,
    'Look again, then take what you want.'
  ],
  'already-answered': [
    'Somebody has done this already.',
    'Nothing more to do; undo it in the batch if it was not so.'
  ],
  'bench-empty': ['Nothing lies on the bench.', 'Take a pick to the bench from the Garden, or weigh one in.'],
  'nothing-fits': (v) =>
    v.smallest
      ? [
          `It would leave the smallest free jar (${v.smallest}) mostly air: ${v.needMl} ml of room wanted, it has ${v.takesMl} ml.`,
          'Free a smaller jar, add to it, or choose the jar by hand.'
        ]
      : ['No jar is free.', 'Add the jars you own in Kit, or empty one.'],
  'no-jars-chosen': [
    'No jar is chosen.',
    'Take one with + under “Choose the jars by hand”, or one of the sets.'
  ],
  'jars-not-free': (v) => [`Only ${v.free} of ${v.name} are free.`, `Choose ${v.free} or fewer.`],
  'no-water-to-dose': [
    'Dry salting adds no water, so a dose per water means nothing here.',
    'Say it per vegetables, per total weight, or as the salinity where it ends.'
  ],
  'beyond-saturation': (v) => [
    `No brine is that strong: water holds ${v.most} % salt at most.`,
    'Lower the salt, or take larger jars with more brine.'
  ],
  'brought-too-much': (v) => [
    `The ingredients alone bring ${v.broughtG} g of salt: more than wanted.`,
    `Take less of them, add about ${v.addG} g of unsalted vegetables, or aim saltier.`
  ],
  'salting-not-of-style': (v) => [
    `${v.style} is not salted that way.`,
    'Choose a way that the style offers.'
  ],
  'salt-not-known': [
    'Nobody knows how salty that jar is.',
    'Start a batch of its own, or taste it and correct it first.'
  ],
  'crock-full': (v) => [
    `It wants ${v.wantsMl} ml, and ${v.freeMl} ml are free.`,
    'Take less to the bench, or start a jar of its own.'
  ],
  'sorted-too-much': (v) => [
    `That adds up to ${g(v.saidG)}, but only ${g(v.thereG)} lies on the bench.`,
    'Check the weights; the bowl may have been weighed with it.'
  ],
  'weigh-prepared-first': ['It is not weighed prepared yet.', 'Weigh everything on the bench, then add it.'],
  'more-brine-than-there': (v) => [`Only ${v.ml} ml of it are left.`, `Give ${v.ml} ml or less.`],
  'brine-strength-strange': [
    'No brine is like that.',
    'Give its salt in percent, between 0.1 and 26, such as 5.'
  ],
  'brine-unknown': ['That brine is not there.', 'Reload the page: it may be used up.'],
  'salinity-strange': (v) => [
    `“${v.said}” is no salt content of a jar or a leaf.`,
    'Give percent between 0.1 and 26.4, all that water holds; such as 2.1.'
  ],
  'jar-measures-strange': (v) => [
    `The opening and the height do not go with ${v.ml} ml.`,
    'Measure the opening inside and the height inside, in mm or cm.'
  ],
  'weight-unknown': ['I do not know that weight.', 'Add it in Kit first.'],
  'away-backwards': ['The last day away is before the first.', 'Swap them.'],
  'away-unknown': ['That is not planned.', 'Reload the page.'],
  'broke-which': (v) => [
    `Every ${v.name} holds something.`,
    'Say which jar broke, on the counter or in the cold.'
  ],
  'ingredient-unknown': ['I do not know that ingredient.', 'Choose one from the list.'],
  'salt-out-of-range': [
    'That is no dose of salt.',
    'Give between 0.1 and 36 %: more than that no water dissolves. 2 to 3 % is usual.'
  ],
  'count-not-whole': ['Only whole ones can be counted.', 'Give a whole number, such as 12.'],
  'outside-style': (v) => [
    `That lies outside what keeps ${v.style} safe.`,
    `Say ${v.from} to ${v.to} ${v.of}, or leave it empty for the style’s own.`
  ],
  'figure-out-of-range': [
    'That figure does not fit a crop.',
    'Water is 30 to 99 %, sugar up to 40 %, prepared out of picked 5 to 100 %, keeping 1 to 400 days.'
  ],
  'count-out-of-range': ['That number does not fit here.', 'Enter a whole number, 0 or more.'],
  'jar-volume-strange': (v) => [
    `${v.saidMl} ml does not fit a jar of ${v.nominalMl} ml.`,
    'Weigh it empty and full of water to the brim; give the difference.'
  ],
  'headspace-too-much': (v) => [
    `The jar is ${v.heightMm} mm high inside.`,
    'Give less headspace: 25 mm is usual for jars.'
  ],
  'spoon-strange': (v) => [
    `${v.said} for ${v.spoons} spoons is far from what this salt weighs.`,
    `About ${v.usual} g is usual. Check the number of spoons, and that the bowl was tared.`
  ],
  'count-not-understood': (v) => [
    `“${v.said}” is not clear to me.`,
    `Give a weight, or a count such as 3 ${v.piece}s or half a ${v.piece}.`
  ],
  'jars-in-use': (v) => [
    `${v.full} of ${v.name} hold something.`,
    `Give ${v.full} or more, or empty a jar first.`
  ],
  'place-in-use': (v) => [`Jars stand at ${v.place}, so its kind cannot change.`, 'Move them first.'],
  'people-out-of-range': ['How many eat with you?', 'Give 1 to 50.'],
  'step-out-of-range': ['A kitchen scale does not step like that.', 'Give 0.1, 1, 2 or 5 g.'],
  'temp-out-of-range': [
    'That is no temperature for a room.',
    'Give between -5 and 45 °C (23 and 113 °F), such as 21 °C.'
  ],
  'mark-out-of-range': ['Marks go from 0 to 5.', 'Tap 0, 1, 2, 3, 4 or 5.'],
  'ph-out-of-range': ['That is no pH a strip shows.', 'Give between 2 and 8, such as 3.9.'],
  'bench-changed': (v) => [
    `Somebody changed the bench meanwhile: ${v.changed}.`,
    'Look at the numbers once more, then start.'
  ],
  'harm-not-read': (v) => [
    `Before you start: ${v.rules}.`,
    'Change it, or tick that you know and take it on yourself; it goes into the record.'
  ],
  'raw-not-pantry': (v) => [
    `${v.place} is a pantry shelf, and a raw ferment is alive: it is not shelf-stable.`,
    'Move it to a cold place. A pantry jar needs a tested heat process.'
  ],
  'already-there': (v) => [`It stands at ${v.place} already.`, 'Choose another place.'],
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
  'more-lost-than-held': (v) => [
    `The jar held about ${g(v.heldG)} of brine and juice in all.`,
    'Give what is missing now, in ml or mm of level.'
  ],
  'not-too-salty': (v) => [
    `It is at ${v.now} %, and should be at ${v.target} %: not too salty.`,
    'Say what was tasted or measured, or where it should end.'
  ],
  'not-too-weak': (v) => [
    `It is at ${v.now} %, and should be at ${v.target} %: not too weak.`,
    'Say what was tasted or measured, or where it should end.'
  ],
  'too-little-free-brine': (v) => [
    'There is too little free brine to change it in six steps.',
    `Move it to a larger jar and pour ${g(v.waterG)} of water on, or eat it mixed with something unsalted.`
  ],
  'recipe-unknown': ['That recipe is not there.', 'Reload the page: it may have been undone.'],
  'recipe-unchanged': ['Nothing on the card has changed.', 'Change a line, then keep it.'],
  'recipe-figure-missing': (v) => [
    `The recipe lacks a figure: “${v.said}”.`,
    'Give the figure on its card, or write “as you like” behind it.'
  ],
  'line-unknown': [
    'That line is not on the card any more, or holds no figure.',
    'Choose a line that has one.'
  ],
  'card-too-long': ['That is too long for a card.', 'A card holds sixty lines; notes go beside it.'],
  'no-scale': ['No scale is connected.', 'Type the weight; a scale is named in the settings of the house.'],
  'scale-is-real': ['That is a real scale.', 'Put things on it by hand.'],
  'no-sauce': ['Only a sauce or a mash is soured like this.', 'Leave other ferments to sour by themselves.'],
  'sour-enough': (v) => [`At pH ${v.pH} it is as sour as that already.`, 'Want a lower pH, or leave it.'],
  'ph-wanted-strange': ['That is no pH for a sauce.', 'Give one between 2.8 and 4.6, such as 3.6.'],
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
  'more-than-fits': (v) => [
    `That is ${g(v.saidG)}, and this jar takes about ${g(v.roomG)} of liquid beside what is in it.`,
    'Check the figure; each jar is meant, not all of them.'
  ],
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
  'sign-unknown': ['That sign is not there.', 'Choose one that is shown.'],
  'reading-unknown': ['That reading is not there.', 'Reload the page: it may have been undone.'],
  'discard-first': (v) => [
    `Jar ${v.lidNumber} is to be thrown away: ${v.why}`,
    'Throw it away; or correct the reading or take the sign back, if it was wrong.'
  ],
  'salt-blend': [
    'Potassium blends and reduced salt are not worked out here: salt is what keeps the jar.',
    'Use a plain salt, or a recipe tested for the blend.'
  ],
  'reason-wanted': ['Why is it thrown away?', 'A word will do: mould, soft, forgotten. It helps next time.'],
  'no-brine-here': ['No brine was planned for this batch.', 'Leave the brine empty.'],
  'nothing-to-undo': ['That is undone already, or was never done.', 'Reload the page.'],
  ...OF_THE_HOUSE
};

/** Words a refusal. Example: `problem({ code: 'missing', field: 'name' }).says` is `'This is not filled in.'`. */
export function problem(refusal: Refusal): Problem {
  const words = SENTENCES[refusal.code];
  const [says, wouldWork] = typeof words === 'function' ? words(refusal.values ?? {}) : words;
  return { code: refusal.code, field: refusal.field ?? null, says, wouldWork };
}

/** Every code that has a sentence: a test holds the code base against it. */
export const WORDED: readonly string[] = Object.keys(SENTENCES);
