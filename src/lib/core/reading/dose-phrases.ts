import type { Crop } from '../produce/index';
import type { RefusalCode } from '../refusal/index';
import type { Bit } from './dose-bits';

/** Whether an amount of anything is said. */
export const some = (bits: readonly Bit[]): boolean =>
  bits.some(
    (b) => b.is === 'amount' || b.is === 'hand' || b.is === 'mug' || b.is === 'pieces' || b.is === 'jar'
  );
export type Counted = Extract<Bit, { is: 'amount' | 'hand' | 'mug' | 'pieces' | 'jar' }>;
type Noun = 'salt' | 'water' | 'veg' | 'total' | 'ends' | 'weight';

/** One thing that is said: an amount, what it is of, and whether a "per" stood before it. */
export interface Phrase {
  of: Counted | undefined;
  noun: Noun | undefined;
  crop: Crop | undefined;
  single: boolean;
  per: boolean;
  /** The same once more: "(54 g)", "or 54 g". */
  again: boolean;
}
const counted = (b: Bit): b is Counted => ['amount', 'hand', 'mug', 'pieces', 'jar'].includes(b.is);
const nounOf = (b: Bit): Noun | undefined =>
  b.is === 'salt' ||
  b.is === 'water' ||
  b.is === 'veg' ||
  b.is === 'total' ||
  b.is === 'ends' ||
  b.is === 'weight'
    ? b.is
    : undefined;

/** Words and marks between phrases. */
const isJoint = (b: Bit): boolean => ['prep', 'colon', 'comma', 'and', 'open', 'or'].includes(b.is);

/** A phrase as it begins, with an amount or with a noun. */
const ofAmount = (b: Counted, per: boolean, again: boolean): Phrase => ({
  of: b,
  noun: undefined,
  crop: b.is === 'pieces' ? b.crop : undefined,
  ...{ single: false, per, again }
});
const ofNoun = (b: Bit, noun: Noun, per: boolean): Phrase => ({
  of: undefined,
  noun,
  crop: b.is === 'veg' ? b.crop : undefined,
  single: b.is === 'veg' && b.one,
  ...{ per, again: false }
});

/** The phrases of a dose in their order; a string where a bare number is left over. */
export function phrasesOf(bits: readonly Bit[]): Phrase[] | RefusalCode {
  const out: Phrase[] = [];
  let open: Phrase | undefined;
  let per = false;
  let again = false;
  for (const b of bits) {
    if (b.is === 'number') return 'dose-number-alone';
    if (isJoint(b)) {
      if (b.is === 'open' || b.is === 'or') again = true;
      if (b.is === 'prep') per = true;
      open = undefined;
      continue;
    }
    if (b.is === 'close') open = out.findLast((p) => !p.again) ?? open;
    const noun = nounOf(b);
    if (counted(b)) {
      const article = 'article' in b && b.article && out.some((p) => p.of);
      open = ofAmount(b, per || article, again);
      out.push(open);
    } else if (noun && open && (open.noun === undefined || open.noun === noun)) {
      open.noun = noun;
      if (b.is === 'veg') open.crop = b.crop ?? open.crop;
    } else if (noun && noun === 'weight') continue;
    else if (noun) {
      out.push(ofNoun(b, noun, per));
      open = noun === 'salt' ? undefined : out.at(-1);
    }
    per = false;
    if (b.is !== 'close') again = false;
  }
  return out;
}

/** Spoons, hands and pinches only ever measure the salt. */
export const spoonLike = (p: Phrase): boolean =>
  p.of?.is === 'hand' || (p.of?.is === 'amount' && /tsp|tbsp|spoon/.test(p.of.amount.unit.id));
export const baseLike = (p: Phrase): boolean =>
  p.of?.is === 'jar' || p.of?.is === 'pieces' || p.of?.is === 'mug';
