import { grams, type WordsOf } from './kinds';
import { signName } from './signs';

/** What a process may lack, as one says it. */
const OF_PROCESS: Readonly<Record<string, string>> = {
  guide: 'the guide',
  edition: 'its edition',
  product: 'the product',
  pack: 'raw or hot pack',
  jarSize: 'the jar size',
  rowTo: 'the altitude that its row reaches to',
  kitchen: 'your altitude',
  way: 'boiling water or pressure',
  minutes: 'the minutes',
  pressure: 'the pressure',
  who: 'who did it'
};
const missing = (codes: unknown): string => {
  const names = String(codes)
    .split(',')
    .map((code) => OF_PROCESS[code] ?? code);
  return `${names.join(', ')} ${names.length === 1 ? 'is' : 'are'}`;
};

/** Jars that stand: what is taken, poured, measured, put right. */
export const OF_JARS = {
  'batch-unknown': ['That batch is not there.', 'Reload the page: it may have been undone.'],
  'jar-unknown': ['That jar is not part of this batch.', 'Reload the page and choose it again.'],
  'jar-empty': (v) => [`Jar ${v.lidNumber} is empty already.`, 'Choose a jar that still holds something.'],
  'no-jar-named': ['No jar is chosen.', 'Tick at least one.'],
  'portion-unknown': ['That entry is not there.', 'Reload the page: it may have been undone.'],
  'taste-unknown': ['That taste is not there.', 'Reload the page: it may have been undone.'],
  'more-than-jar-takes': (v) => [
    `That is ${grams(v.saidG)}, and that jar takes ${grams(v.roomG)} more.`,
    'Say how much shall go, or choose a larger one.'
  ],
  'jar-heated': (v) => [
    `Jar ${v.lidNumber} is heated: nothing lives in it any more.`,
    'Eat it, give it, or throw it away; what ferments is done to raw jars.'
  ],
  'more-than-written': (v) => [
    `Jar ${v.lidNumber} holds more than is written: ${v.quarters} of 4 quarters.`,
    'An entry took too much of it: open its record and correct that one, then count on.'
  ],
  'shelf-half-counted': (v) => [
    `Not counted yet: jar ${v.lids}.`,
    'Say of each whether it stands there as written, holds less, or is gone.'
  ],
  'shelf-height-strange': [
    'A shelf is between 5 cm and 3 m high.',
    'Write its clear height with its unit, like 24 cm or 9 in; empty where it does not matter.'
  ],
  'jar-opened': (v) => [
    `Jar ${v.lidNumber} was opened.`,
    'A process is for jars that are filled and closed by its guide. Keep this one in the cold.'
  ],
  'pantry-wanted': (v) => [
    `${v.place} is no pantry shelf.`,
    'Choose a pantry shelf; in the cold a jar may stand without any process.'
  ],
  'sour-first': (v) => [
    `Jar ${v.lidNumber} was not read sour: its last pH has to be 4.6 or lower.`,
    'Read its pH and write it down, then come back.'
  ],
  'process-misses': (v) => [
    `Not shelf-stable yet: ${missing(v.missing)} missing.`,
    'Take it from the guide that the jar was heated by. Without all of it the jar stays in the cold.'
  ],
  'process-altitude': (v) => [
    `The guide's row reaches ${v.rowTo}, and the kitchen lies at ${v.kitchen}: water boils cooler there.`,
    'Take the minutes, or the pressure, of the row for your altitude. Heated by the lower row, the jar stays in the cold.'
  ],
  'process-jar': (v) => [
    `Jar ${v.lidNumber} holds ${v.ml} ml to its brim, and the guide's row is for jars of ${v.jarMl} ml.`,
    'A larger jar heats slower. Without a row for it, it stays in the cold.'
  ],
  'height-strange': (v) => [
    v.said ? `“${v.said}” is no altitude.` : 'An altitude is missing.',
    'Write metres or feet over the sea, like 350 m or 1150 ft; by the sea, 0 m.'
  ],
  'objects-in': (v) => [
    `${v.n} thing${Number(v.n) === 1 ? ' still lies' : 's still lie'} in the jars.`,
    'Take each out and tick it before anything is blended: a weight or a stick in a blender breaks both.'
  ],
  'object-unknown': ['That was not laid into these jars.', 'Reload the page and tick it again.'],
  'not-finishing': ['These jars are not being finished.', 'Begin at the top of the page.'],
  'bottles-too-many': (v) => [
    `The sauce does not reach the last ${Number(v.n) === 1 ? 'one' : String(v.n)}.`,
    'Choose fewer, or smaller ones.'
  ],
  'into-itself': ['That is the same jar.', 'Choose another one to pour into.'],
  'changed-meanwhile': (v) => [
    `Somebody took from jar ${v.lidNumber} meanwhile: ${grams(v.leftG)} is left.`,
    'Look again, then take what you want.'
  ],
  'already-answered': [
    'Somebody has done this already.',
    'Nothing more to do; undo it in the batch if it was not so.'
  ],
  'salt-not-known': [
    'Nobody knows how salty that jar is.',
    'Start a batch of its own, or taste it and correct it first.'
  ],
  'crock-full': (v) => [
    `It wants ${v.wantsMl} ml, and ${v.freeMl} ml are free.`,
    'Take less to the bench, or start a jar of its own.'
  ],
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
  'mark-out-of-range': ['Marks go from 0 to 5.', 'Tap 0, 1, 2, 3, 4 or 5.'],
  'ph-out-of-range': ['That is no pH a strip shows.', 'Give between 2 and 8, such as 3.9.'],
  'photo-strange': ['That is no picture that Crockle can read.', 'Choose a photo, such as a JPEG or PNG.'],
  'photo-too-large': [
    'That picture is too large even when shrunk.',
    'Choose another one, or cut it to the jar.'
  ],
  'photo-unknown': ['That photo is not there.', 'Reload the page: it may be deleted.'],
  'acid-strange': (v) => [
    `That would be ${v.percent} % of acid: no ferment is so sour.`,
    'Look at the sample’s ml and the lye’s strength; 0.1 mol/l is usual, some 4 to 20 ml for 10 ml.'
  ],
  'mv-out-of-range': ['No electrode says that.', 'Rinse it, dip it anew and wait until it stands still.'],
  'meter-not-calibrated': [
    'The meter has not stood in its buffers yet: what it says could be anything.',
    'Calibrate it first, under “pH meter” in Kit; or read a strip.'
  ],
  'calibration-old': (v) => [
    `The meter last stood in its buffers ${v.days} days ago; meanwhile an electrode wanders.`,
    'Calibrate it first, under “pH meter” in Kit; or read a strip.'
  ],
  'buffers-swapped': [
    'The two buffers seem to be swapped.',
    'First 7.00, rinse, then 4.01; take both again.'
  ],
  'buffers-strange': (v) => [
    `Between the two buffers it moved ${v.percent} % of what it should.`,
    'Fresh sachets, a rinse between them, and time to stand still; if it stays so, clean and soak the electrode or replace it.'
  ],
  'electrode-off': (v) => [
    `In 7.00 it says ${v.mV} mV, far from zero.`,
    'A fresh 7.00 buffer; if it stays so, clean and soak the electrode or replace it.'
  ],
  'raw-not-pantry': (v) => [
    `${v.place} is a pantry shelf, and a raw ferment is alive: it is not shelf-stable.`,
    'Move it to a cold place. A pantry jar needs a tested heat process.'
  ],
  'already-there': (v) => [`It stands at ${v.place} already.`, 'Choose another place.'],
  'lid-is-on': ['They wear that lid already.', 'Choose another lid, or other jars.'],
  'more-lost-than-held': (v) => [
    `The jar held about ${grams(v.heldG)} of brine and juice in all.`,
    'Give what is missing now, in ml or mm of level.'
  ],
  'not-too-salty': (v) => [
    `It is at ${v.now} %, and should be at ${v.target} %: not too salty.`,
    'Say what was tasted or measured, or what it should settle at.'
  ],
  'not-too-weak': (v) => [
    `It is at ${v.now} %, and should be at ${v.target} %: not too weak.`,
    'Say what was tasted or measured, or what it should settle at.'
  ],
  'too-little-free-brine': (v) => [
    'There is too little free brine to change it in six steps.',
    `Move it to a larger jar and pour ${grams(v.waterG)} of water on, or eat it mixed with something unsalted.`
  ],
  'no-sauce': ['Only a sauce or a mash is soured like this.', 'Leave other ferments to sour by themselves.'],
  'sour-enough': (v) => [`At pH ${v.pH} it is as sour as that already.`, 'Want a lower pH, or leave it.'],
  'ph-wanted-strange': ['That is no pH for a sauce.', 'Give one between 2.8 and 4.6, such as 3.6.'],
  'more-than-fits': (v) => [
    `That is ${grams(v.saidG)}, and this jar takes about ${grams(v.roomG)} of liquid beside what is in it.`,
    'Check the figure; each jar is meant, not all of them.'
  ],
  'sign-unknown': ['That sign is not there.', 'Choose one that is shown.'],
  'reading-unknown': ['That reading is not there.', 'Reload the page: it may have been undone.'],
  'discard-first': (v) => [
    `Jar ${v.lidNumber} is to be thrown away: ${v.sign ? signName(String(v.sign)) : `pH ${v.pH} on day ${v.day}`}.`,
    'Throw it away; or correct the reading or take the sign back, if it was wrong.'
  ],
  'reason-wanted': ['Why is it thrown away?', 'A word will do: mould, soft, forgotten. It helps next time.']
} as const satisfies WordsOf;
