import type { CareKind } from '$lib/core/batch';
import type { TroubleKind } from '$lib/core/correct';
import type { Lid } from '$lib/core/vessel';
import type { Question, Slip } from '$lib/core/worksheet';
import { writeMass, writePercent, writeVolume, type WrittenUnits } from '$lib/core/quantity';

/** Codes to sentences, once for all rooms. */
export const numbers = (all: readonly number[]): string =>
  all.length < 2 ? String(all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1]}`;
/** Example: `jarsSaid([3, 4])` is `'jars 3 and 4'`. */
export const jarsSaid = (all: readonly number[]): string => `jar${all.length > 1 ? 's' : ''} ${numbers(all)}`;

const CARE: Record<CareKind, readonly [does: string, why: string]> = {
  open: ['Open', 'over the sink, slowly, a cloth on top; close again'],
  look: ['Look and press down', 'all of it under the brine, skim what floats'],
  airlock: ['Water in the airlock', 'water to its line'],
  juice: ['Juice over the shreds?', 'if not, pour boiled, cooled brine over them'],
  taste: ['Taste', 'with a clean fork'],
  pH: ['Measure pH', 'a strip in the brine'],
  toCold: ['Move to the cold', 'the latest day for the counter'],
  openInCold: ['Open once in the cold', 'it still gasses in the first week'],
  level: ['Check the level', 'liquid over everything'],
  stir: ['Stir the mash', 'to the bottom; smooth the top, wipe the rim']
};

/** Example: `careWords('open', [38, 39])` is `Open 38 and 39`. */
export const careWords = (kind: CareKind, lidNumbers: readonly number[]): string =>
  kind === 'juice' ? `${CARE.juice[0]} ${numbers(lidNumbers)}` : `${CARE[kind][0]}, ${jarsSaid(lidNumbers)}`;
export const careWhy = (kind: CareKind): string => CARE[kind][1];
const SHORT: Record<CareKind, string> = {
  open: 'open',
  look: 'look',
  airlock: 'airlock',
  juice: 'juice',
  taste: 'taste',
  pH: 'pH',
  toCold: 'to the cold',
  openInCold: 'open',
  level: 'level',
  stir: 'stir'
};
/** A word for under a jar. */
export const careShort = (kind: CareKind): string => SHORT[kind];

export const LID_WORDS: Record<Lid, string> = {
  clamped: 'clamped, opened by hand',
  airlock: 'airlock',
  valve: 'valve lid',
  loose: 'loose lid',
  cloth: 'cloth',
  'water channel': 'water channel'
};

/** What went wrong, as people say it. */
export const TROUBLE_WORDS: Record<TroubleKind, string> = {
  short: 'too little liquid over it',
  'too-salty': 'too salty',
  'too-weak': 'too little salt',
  evaporated: 'the level fell: water evaporated',
  spilled: 'the level fell: brine ran over or was spilled',
  'spilled-refilled': 'brine ran over, and it is filled up already',
  'drawn-in': 'the level fell: brine sank into the vegetables',
  'wrong-top-up': 'topped up with the wrong thing',
  'unsalted-added': 'unsalted vegetables were worked in afterwards'
};

const SLIP_WORDS: Record<Slip, string> = {
  ten: 'Perhaps a figure is missing or one too many?',
  ounces: 'Perhaps the scale showed ounces, or grams, and the other was meant?',
  pounds: 'Perhaps pounds were meant, or kilos?',
  bowl: 'Perhaps the bowl was weighed with it?'
};

/** A weight that hardly can be, asked with the likely slip. */
export function questionWords(q: Question, mass: (g: number) => string): string {
  const slip = q.slip ? ` ${SLIP_WORDS[q.slip]}` : '';
  const v = q.values;
  switch (q.code) {
    case 'prepared-too-little':
      return `${mass(v.preparedG ?? 0)} from ${mass(v.pickedG ?? 0)} picked is little: about ${mass(v.expectedG ?? 0)} is usual.${slip}`;
    case 'prepared-too-much':
      return `${mass(v.preparedG ?? 0)} is more than was picked (${mass(v.pickedG ?? 0)}).${slip}`;
    case 'jars-mostly-air':
      return `${mass(v.vegG ?? 0)} fills these jars to ${writePercent(v.fill ?? 0, 0)} only: mostly air, and air brings mould.${slip || ' Take a smaller one.'}`;
    case 'jars-overfull':
      return `${mass(v.vegG ?? 0)} is ${Math.round((v.fill ?? 1) * 10) / 10} times what these jars hold.${slip}`;
    case 'dose-tenfold':
      return `That is ${Math.round((v.ends ?? 0) / (v.usual ?? 1))} times the usual salt.${slip}`;
  }
}

interface Answer {
  readonly name?: string;
  readonly g?: number;
  readonly lidNumbers?: readonly number[];
  readonly owned?: number;
  readonly ml?: number;
  readonly saltG?: number;
  readonly offcutsG?: number;
  readonly version?: number;
  readonly ends?: number;
}

const DONE: Record<string, (a: Answer, u: WrittenUnits) => string> = {
  'weigh-in': (a, u) => `Weighed in: ${a.name}, ${writeMass(a.g ?? 0, u)}`,
  'correct-pick': (a, u) => `Corrected: ${a.name}, ${writeMass(a.g ?? 0, u)}`,
  'end-pick': (a, u) => `${a.name}: ${writeMass(a.g ?? 0, u)} written off the Garden`,
  'take-to-bench': (a, u) => `${a.name}: ${writeMass(a.g ?? 0, u)} on the bench`,
  'put-back': (a) => `${a.name} is back in the Garden`,
  'weigh-prepared': (a, u) =>
    a.g ? `${a.name}: ${writeMass(a.g, u)} prepared` : `${a.name}: weighing taken back`,
  'sort-pick': (a, u) =>
    `${a.name}: sorted${a.g ? `, ${writeMass(a.g, u)} prepared` : ''}${a.offcutsG ? `; ${writeMass(a.offcutsG, u)} of off-cuts wait in the Garden` : ''}`,
  'add-pick': (a, u) => `Added to ${jarsSaid(a.lidNumbers ?? [])}, with ${writeMass(a.saltG ?? 0, u)} salt`,
  'put-right': (a) =>
    `Put right: ${jarsSaid(a.lidNumbers ?? [])}. Write ${writePercent(a.ends ?? 0)} on the lid`,
  'sour-sauce': (a) => `${a.name}: noted. Stir, wait, measure again`,
  'write-recipe': (a) => `Written down: ${a.name}`,
  'change-recipe': (a) => `${a.name}: version ${a.version}`,
  'wish-next': (a) => `Noted for next time: ${a.name}`,
  'settle-wish': (a) => `${a.name}: settled`,
  'retire-recipe': (a) => `${a.name}: noted`,
  'keep-brine': (a, u) => `Kept: ${a.name}, ${writeVolume(a.ml ?? 0, u)}`,
  'take-brine': (a, u) => `${a.name}: ${writeVolume(a.ml ?? 0, u)} less`,
  'shape-jar': (a) => `${a.name}: measured and added`,
  'set-weight': (a) => `${a.name} noted`,
  'plan-away': () => 'Noted: away then',
  'drop-away': () => 'Not away after all',
  'break-jar': (a) => `${a.name}: ${a.owned} left`,
  'start-batch': (a) =>
    `Started: ${a.name}. Write ${numbers(a.lidNumbers ?? [])} on the lid${(a.lidNumbers ?? []).length > 1 ? 's' : ''}`,
  care: (a) => `Noted for ${jarsSaid(a.lidNumbers ?? [])}`,
  taste: (a) => `Taste noted for ${a.name}`,
  'correct-taste': () => 'Taste corrected',
  ph: (a) => `pH noted for ${a.name}`,
  'correct-ph': () => 'Reading corrected',
  'see-sign': (a) => `Throw away ${jarsSaid(a.lidNumbers ?? [])}: do not taste`,
  'take-back-sign': () => 'Taken back',
  move: (a) => `Moved: ${jarsSaid(a.lidNumbers ?? [])}`,
  portion: (a, u) => `Jar ${numbers(a.lidNumbers ?? [])}: ${writeMass(a.g ?? 0, u)} less`,
  'correct-portion': () => 'Corrected',
  'enter-standing': (a) => `Entered: ${a.name}. Write ${numbers(a.lidNumbers ?? [])} on the lids`,
  settle: (a) =>
    a.owned === undefined
      ? 'Settings saved'
      : `Saved: ${a.owned} jar${a.owned === 1 ? '' : 's'}, the units and who eats`,
  'own-jars': (a) => `${a.name}: ${a.owned} owned`,
  'measure-jar': (a) => `${a.name}: measured`,
  'set-tare': (a, u) => `${a.name}: ${writeMass(a.g ?? 0, u)} empty`,
  'weigh-spoon': (a) => `Your spoon of ${a.name?.toLowerCase()} is noted`,
  'reset-learning': () => 'It begins anew from the table',
  'set-place': (a) => `${a.name} noted`,
  'count-goods': (a) => `${a.name} counted`,
  'set-passphrase': (a) =>
    a.name === 'guest'
      ? 'The guests’ passphrase is set'
      : 'The passphrase is set; other phones sign in again',
  'drop-guests': () => 'Guests come in no more',
  'sign-out-everywhere': () => 'Every phone signs in again',
  'take-back-pass': () => 'Taken back',
  'make-token': (a) => `A token for ${a.name}: copy it now`,
  undo: () => 'Undone'
};

/** What was done, in a sentence, for the toast. */
export const doneWords = (name: string, answer: unknown, units: WrittenUnits): string =>
  DONE[name]?.(answer ?? {}, units) ?? 'Done';
