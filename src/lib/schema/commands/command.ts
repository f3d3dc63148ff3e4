import { z } from 'zod';
import type { WrittenUnits } from '../../core/quantity';
import type { RefusalCode } from '../../core/refusal';

/** What a person does: what it takes, what it answers, why it may be refused, what is said when it is done. */
export interface Command<I extends z.ZodType = z.ZodType, A extends z.ZodType = z.ZodType> {
  readonly input: I;
  readonly answer: A;
  /** Beside what any command may be refused for (`ANY`). */
  readonly refuses: readonly RefusalCode[];
  readonly said: (answer: z.output<A>, units: WrittenUnits) => string;
}

export const command = <I extends z.ZodType, A extends z.ZodType>(
  input: I,
  answer: A,
  refuses: readonly RefusalCode[],
  said: Command<I, A>['said']
): Command<I, A> => ({ input, answer, refuses, said });

/** What is not filled in as its schema wants it. */
export const SHAPE: readonly RefusalCode[] = [
  'missing',
  'id-strange',
  'not-a-choice',
  'too-long',
  'text-too-long',
  'too-many',
  'day-strange',
  'count-out-of-range',
  'figure-out-of-range',
  'count-not-whole',
  'salt-out-of-range',
  'salinity-strange',
  'brine-strength-strange',
  'ph-out-of-range',
  'mv-out-of-range',
  'photo-strange',
  'photo-too-large',
  'mark-out-of-range',
  'swing-out-of-range',
  'temp-out-of-range',
  'step-out-of-range',
  'people-out-of-range',
  'no-jar-named',
  'card-too-long',
  'dose-too-long',
  'name-long',
  'passphrase-short',
  'passphrase-plain'
];

/** What any command may be refused for: who asks, a name that is taken, a disk that takes nothing. */
export const ANY: readonly RefusalCode[] = [
  ...SHAPE,
  'guest-looks-on',
  'command-taken',
  'command-said-otherwise',
  'disk-full',
  'disk-refuses',
  'house-busy',
  'done-ahead',
  'done-long-ago'
];

/** What an amount as typed may be refused for. */
export const AMOUNT: readonly RefusalCode[] = [
  'nothing-said',
  'negative',
  'comma-unclear',
  'ounce-unclear',
  'not-understood',
  'unit-missing',
  'number-without-unit',
  'wrong-kind',
  'units-disagree',
  'part-too-large',
  'amounts-disagree',
  'weight-not-positive',
  'weight-absurd'
];

/** What a time as typed may be refused for. */
export const DURATION: readonly RefusalCode[] = [
  'nothing-said',
  'negative',
  'not-understood',
  'time-out-of-range'
];

/** What a count of pieces may be refused for. */
export const COUNT: readonly RefusalCode[] = [
  'count-not-understood',
  'count-of-another',
  'piece-not-of-crop'
];

/** What a dose of salt as it is said may be refused for. */
export const DOSE: readonly RefusalCode[] = [
  'nothing-said-of-salt',
  'dose-not-understood',
  'dose-of-what',
  'dose-means-nothing',
  'dose-word-unknown',
  'dose-salt-unknown',
  'dose-negated',
  'dose-twice',
  'dose-two-bases',
  'dose-no-amount',
  'dose-number-alone',
  'dose-impossible',
  'dose-base-by-volume',
  'dose-piece-strange',
  'salt-curing',
  'salt-blend'
];

/** What a worksheet may be refused for. */
export const WORKSHEET: readonly RefusalCode[] = [
  ...AMOUNT,
  ...DOSE,
  'place-unknown',
  'crop-unknown',
  'style-unknown',
  'salt-unknown',
  'ingredient-unknown',
  'jar-kind-unknown',
  'bench-empty',
  'nothing-fits',
  'no-jars-chosen',
  'jars-not-free',
  'more-than-there-is',
  'no-water-to-dose',
  'beyond-saturation',
  'brought-too-much',
  'salting-not-of-style',
  'tare-too-heavy',
  'heavy-of-what',
  'heavy-strange',
  'strength-unclear'
];
