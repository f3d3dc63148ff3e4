import type { Refusal, RefusalCode } from '../core/refusal';
import { isRule } from '../core/safety';
import { ruleReason } from './cautions';
import { OF_AMOUNTS } from './of-amounts';
import { OF_BEDS } from './of-beds';
import { OF_THE_HOUSE } from './of-the-house';
import { OF_JARS } from './of-jars';
import { grams, type Values, type Words } from './kinds';

/** A refusal in words: what is wrong, and what would work. Worded here once, for pages and API alike. */
export interface Problem {
  readonly code: string;
  readonly field: string | null;
  readonly says: string;
  readonly wouldWork: string;
}

const reasonsOf = (rules: string | number | undefined): string =>
  String(rules ?? '')
    .split(' ')
    .filter(isRule)
    .map(ruleReason)
    .join(' ');

/** What a way of one's own may say of its style. */
const SPAN: Readonly<Record<string, string>> = { days: 'days on the counter', months: 'months in the cold' };

const SENTENCES: Readonly<Record<RefusalCode, Words | ((v: Values) => Words)>> = {
  missing: ['This is not filled in.', 'Fill it in, then try again.'],
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
  'time-out-of-range': (v) => ['A timer runs from ten seconds to a week.', `Write it like ${v.examples}.`],
  'turns-too-long': [
    'It would be over before it rings on the way.',
    'Write a shorter time between the turns.'
  ],
  'timer-over': (v) => [`${v.name} is over already.`, 'Set it anew.'],
  'salted-not-back': [
    'What is salted is no raw pick any more.',
    'Say whether it is eaten or thrown away, or put the making off.'
  ],
  'making-over': ['That making is over.', 'Begin another on the Bench.'],
  'making-under-way': ['A making is under way on this bench.', 'Go on with it, or give it up first.'],
  'making-unknown': ['That making is not there any more.', 'Begin it anew on the Bench.'],
  'step-not-skipped': [
    'This step is not left out: what stands over its brine spoils.',
    'Answer it, or put the making off.'
  ],
  'step-unknown': ['This making has no such step.', 'Go on with the step that stands there.'],
  'timer-unknown': ['That timer is not there any more.', 'Set it anew.'],
  'timers-too-many': (v) => [`More than ${v.most} timers cannot be told apart.`, 'Stop some that are over.'],
  'nothing-rings': ['No timer is running.', 'Set one, then step to its ring.'],
  'labels-off-paper': (v) => [
    `They need ${v.needMm} mm, and ${v.paper} has ${v.haveMm}.`,
    'Take one fewer, or smaller labels and margins.'
  ],
  'no-place-left': (v) => [`The sheet has ${v.places} places only.`, 'Skip fewer, or take a new sheet.'],
  'address-strange': [
    'That is no address of a page.',
    'Write it like http://kitchen.local:4400, or leave it empty.'
  ],
  'nothing-to-wash': ['No empty jar of these wants washing.', 'They count as clean.'],
  'jar-kind-unknown': ['You do not own that kind of jar.', 'Add it in Kit first.'],
  'jar-shape-unknown': ['I do not know that shape of jar.', 'Choose one from the list.'],
  'lot-unknown': ['That pick is not there.', 'Reload the page: it may have been undone.'],
  'lot-begun-already': [
    'Nothing of that pick lies in the Garden any more.',
    'If a making of it was begun already, it waits on Today.'
  ],
  'dish-unknown': ['That dish is not there.', 'Reload the page: it may have been dropped.'],
  'dish-of-nothing': [
    'No ferment goes into that dish.',
    'Choose at least one, and say how much of it a serving takes.'
  ],
  'dish-day-past': ['That day is over.', 'Choose today or a day to come.'],
  'dish-lacks': (v) => [
    `It wants ${grams(v.saidG)}, and ${grams(v.thereG)} stands in the cold.`,
    'Cook fewer servings, or take something else.'
  ],
  'basket-empty': ['Nothing is in the basket.', 'Tick what you have, then bring it home.'],
  'line-there': (v) => [`${v.line} stands on the list already.`, 'Tick it there, or write another.'],
  'list-line-unknown': ['That line is not on the list.', 'Reload the page: it may have been brought home.'],
  'goods-unknown': ['That is not on the shelf.', 'Reload the page.'],
  'more-than-there-is': (v) => [
    `That is ${grams(v.saidG)}, but only ${grams(v.thereG)} is there.`,
    `Give ${grams(v.thereG)} or less.`
  ],
  'less-than-used': (v) => [
    `${grams(v.goneG)} of this pick is used already.`,
    `Give ${grams(v.goneG)} or more.`
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
    'Say it per vegetables, per total weight, or as what it settles at.'
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
  'sorted-too-much': (v) => [
    `That adds up to ${grams(v.saidG)}, but only ${grams(v.thereG)} lies on the bench.`,
    'Check the weights; the bowl may have been weighed with it.'
  ],
  'weigh-prepared-first': ['It is not weighed prepared yet.', 'Weigh everything on the bench, then add it.'],
  'jar-measures-strange': (v) => [
    `The opening and the height do not go with ${v.ml} ml.`,
    'Measure the opening inside and the height inside, in mm or cm.'
  ],
  'weight-unknown': ['I do not know that weight.', 'Add it in Kit first.'],
  'away-backwards': ['The last day away is before the first.', 'Swap them.'],
  'away-unknown': ['That is not planned.', 'Reload the page.'],
  'feast-backwards': ['The last day is before the first.', 'Swap them.'],
  'feast-unknown': ['That is not planned.', 'Reload the page.'],
  'guests-out-of-range': ['I read no number of people from 0 to 200.', 'Say how many eat: 12.'],
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
    `Say ${v.from} to ${v.to} ${SPAN[String(v.of)] ?? '%'}, or leave it empty for the style’s own.`
  ],
  'cut-weight-strange': (v) => [
    'No cut fills a jar so little, or so much.',
    `Say what a jar of that size takes of the prepared vegetables, ${v.from} to ${v.to}, or leave it empty for the usual.`
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
  'jars-in-use': (v) => [
    `${v.full} of ${v.name} hold something.`,
    `Give ${v.full} or more, or empty a jar first.`
  ],
  'place-in-use': (v) => [`Jars stand at ${v.place}, so its kind cannot change.`, 'Move them first.'],
  'people-out-of-range': ['How many eat with you?', 'Give 1 to 50.'],
  'morning-out-of-range': ['That is no morning.', 'Give a time between 4:00 and 12:00, such as 8:00.'],
  'evening-out-of-range': ['That is no evening.', 'Give a time between 15:00 and 23:00, such as 20:00.'],
  'step-out-of-range': ['A kitchen scale does not step like that.', 'Give 0.1, 1, 2 or 5 g.'],
  'swing-out-of-range': [
    'No kitchen swings so far within a day.',
    'Say by how much the afternoon is warmer than the day as a whole: 0 to 12 °C (22 °F).'
  ],
  'temp-out-of-range': [
    'That is no temperature for a room.',
    'Give between -5 and 45 °C (23 and 113 °F), such as 21 °C.'
  ],
  'bench-changed': (v) => [
    `Somebody changed the bench meanwhile: ${v.changed}.`,
    'Look at the numbers once more, then start.'
  ],
  'harm-not-read': (v) => [
    `Before you start: ${reasonsOf(v.rules)}`,
    'Change it, or tick that you know and take it on yourself; it goes into the record.'
  ],
  'recipe-unknown': ['That recipe is not there.', 'Reload the page: it may have been undone.'],
  'recipe-unchanged': ['Nothing on the card has changed.', 'Change a line, then keep it.'],
  'line-unknown': [
    'That line is not on the card any more, or holds no figure.',
    'Choose a line that has one.'
  ],
  'no-scale': ['No scale is connected.', 'Type the weight; a scale is named in the settings of the house.'],
  'gone-for-good': ['A photo that was deleted is gone, it cannot come back.', 'Take another.'],
  'no-meter': [
    'No pH meter is connected.',
    'Type what yours shows; a meter is named in the settings of the house.'
  ],
  'no-thermometer': [
    'No thermometer notes by itself here.',
    'Note what yours reads; thermometers are named in the settings of the house.'
  ],
  'thermometer-is-real': ['Those are real thermometers.', 'Warm them by hand.'],
  'waits-for-itself': ['That jar waits for this one, or is this one.', 'Choose another.'],
  'meter-is-real': ['That is a real meter.', 'Dip it by hand.'],
  'scale-is-real': ['That is a real scale.', 'Put things on it by hand.'],
  'no-brine-here': ['No brine was planned for this batch.', 'Leave the brine empty.'],
  'nothing-to-undo': ['That is undone already, or was never done.', 'Reload the page.'],
  ...OF_AMOUNTS,
  ...OF_BEDS,
  ...OF_JARS,
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
