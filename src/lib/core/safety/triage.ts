import { likeOf } from '../produce/index';
import type { SignId } from './signs';

/** Where something is seen or smelt, and what it looks like there: two taps. Common practice, no source. */
export const LOOKS = {
  surface: ['film', 'spots', 'patches', 'specks'],
  brine: ['cloudy', 'reddish', 'threads', 'low', 'over'],
  pieces: ['dull', 'garlic', 'lifted', 'soft', 'slimy'],
  smell: ['sulphur', 'yeast', 'foul'],
  lid: ['still', 'domed']
} as const;
export type Where = keyof typeof LOOKS;
export type Look = (typeof LOOKS)[Where][number];
export const WHERES = Object.keys(LOOKS) as readonly Where[];

/** What the looks alone leave open: one more tap. */
export type Question = 'sound-beneath' | 'even' | 'firm' | 'slimy' | 'foul' | 'bubbled';
export type AnswerTo = 'yes' | 'no' | 'unsure';

/** What the house knows of the jar. */
export interface JarFacts {
  /** Days since it was begun. */
  readonly day: number;
  /** Where it stands, over the day. */
  readonly tempC: number;
  /** Something in it colours its brine. */
  readonly red: boolean;
}

export type Judged = { readonly sign: SignId } | { readonly asks: Question };

/** What colours a brine red or pink by itself. Common practice, no source. */
const RED: ReadonlySet<string> = new Set([
  ...['cabbage-red', 'beet', 'radish-small', 'turnip', 'onion-red', 'tomato-ripe', 'tomato-cherry'],
  ...['pepper-bell-ripe', 'pepper-paprika', 'pepper-cayenne', 'pepper-thai', 'pepper-habanero']
]);
export const isRed = (cropId: string): boolean => RED.has(likeOf(cropId));

/** Ropy brine passes in the first days only; a whiff of sulphur likewise. Common practice, no source. */
const FIRST_DAYS = 5;
/** Bubbles are looked for by day 3, in the cool by day 7. Common practice, no source. */
const bubblesBy = (tempC: number): number => (tempC < 18 ? 7 : 3);

/** What asks no more than a look. */
const PLAIN: Partial<Record<Look, SignId>> = {
  ...{ spots: 'mould', specks: 'cloudy', cloudy: 'cloudy', low: 'low', over: 'overflow', dull: 'dull' },
  ...{
    garlic: 'blue-garlic',
    lifted: 'lifted',
    slimy: 'slime',
    yeast: 'yeasty',
    foul: 'rotten',
    domed: 'domed'
  }
};

/** Who is not sure is answered as the cautious would: the worse of the two. */
const either = (asks: Question, answer: AnswerTo | null, yes: SignId, no: SignId, unsure: SignId): Judged =>
  answer === null ? { asks } : { sign: answer === 'yes' ? yes : answer === 'no' ? no : unsure };

/**
 * What a look usually means, by what the house knows of the jar, or what must be asked first.
 * @param answer to what it asked; null: nothing yet
 */
export function judge(look: Look, { day, tempC, red }: JarFacts, answer: AnswerTo | null): Judged {
  const plain = PLAIN[look];
  if (plain) return { sign: plain };
  switch (look) {
    case 'film':
      return either('sound-beneath', answer, 'film', 'film-off', 'film-off');
    case 'patches':
    case 'reddish':
      return red ? either('even', answer, 'red-crop', 'pink', 'pink') : { sign: 'pink' };
    case 'threads':
      return day > FIRST_DAYS ? { sign: 'slime' } : either('firm', answer, 'ropy', 'slime', 'slime');
    case 'soft':
      return either('slimy', answer, 'slime', 'soft', 'slime');
    case 'sulphur':
      return day <= FIRST_DAYS ? { sign: 'whiff' } : either('foul', answer, 'rotten', 'whiff', 'rotten');
    default:
      return day <= bubblesBy(tempC)
        ? { sign: 'lull' }
        : either('bubbled', answer, 'lull', 'no-bubbles', 'no-bubbles');
  }
}
