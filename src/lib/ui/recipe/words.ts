import {
  tidyMeasure,
  type CardProblem,
  type Ingredient,
  type Portioned,
  type ScaleNote
} from '$lib/core/recipe';
import { plain, type SpoonSystem } from '$lib/core/quantity';
import { problem } from '$lib/words';

interface Writes {
  mass(g: number): string;
  volume(ml: number): string;
}

/** What a card lacks, in a sentence, with what would put it right. */
export function problemWords(p: CardProblem): string {
  switch (p.code) {
    case 'no-produce':
      return 'No vegetables yet: write “2 kg white cabbage”, or “80 % cabbage” and “20 % carrot”.';
    case 'no-salt':
      return 'No salt yet: write “2.2 % salt of the vegetables”, or the dose as you say it.';
    case 'salt-unclear':
      return `“${p.said}”: of what? Write “of the vegetables”, “of the water”, “of the total” or “settled”.`;
    case 'salt-measure-unclear':
      return `“${p.said}”: how much is that? Say which salt (“dense kosher”, “light kosher”), or the measure in ml.`;
    case 'salt-twice':
      return `Salt is said twice, the second time as “${p.said}”: keep one.`;
    case 'figure-missing':
      return `“${p.said}”: how much? Give a figure, or write “as you like” behind it.`;
    case 'shares-over':
      return `The shares of the vegetables add up to ${p.said} %: they should come to 100 %.`;
    case 'name-missing':
      return `“${p.said}”: of what? Write the thing behind it; of the dose itself, write “salt”.`;
    case 'line-unclear':
      return `“${p.said}”: weigh it once. A measure of volume says too little of vegetables.`;
    case 'amounts-disagree':
      return `“${p.said}”: the two amounts do not agree. Keep the one that is right.`;
    case 'amount-unclear':
      return `“${p.said}” can mean two things. Write the whole weight once, such as 1500 g.`;
    case 'piece-strange':
      return `“${p.said}”: I do not know a ${p.word ?? 'piece'}. Weigh it, or count it another way.`;
    case 'two-things':
      return `“${p.said}” says more than one thing: give each a line of its own.`;
    case 'salt-not-understood':
      return saltWords(p);
    case 'other-preserve':
      return `${capital(p.word ?? 'this')} keeps food in another way than salt and sourness: Crockle cannot work out what is safe there. Follow a tested guide for it.`;
  }
}

const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1);
/** Why a dose on a card was not understood, with the word that was in the way. */
function saltWords(p: CardProblem): string {
  const code = p.why ?? 'dose-not-understood';
  const { says, wouldWork } = problem({ code, values: { said: p.said, word: p.word ?? '' } });
  return `${says} ${wouldWork}`;
}

/** Said where a vessel is larger than a jar. */
export const BY_THE_LITRE = 'What goes in by the jar goes into a larger jar or crock by the litre.';

const NOTES: Record<ScaleNote, string> = {
  'spice-far':
    'So far from the recipe as written, start with half the spice and taste: it does not grow as the weight does.',
  'jars-unknown': 'What goes by the jar is known once the jars are chosen.',
  'crock-warm':
    'So much at once warms itself and has its own surface: cooler place, an eye on it, look daily.',
  'whole-pieces': 'Parts of pieces: round as you like.'
};
export const noteWords = (n: ScaleNote): string => NOTES[n];

/** How an ingredient grows with the batch, in words. */
export function growsWords(i: Ingredient): string {
  switch (i.scales) {
    case 'share':
      return 'of the vegetables';
    case 'kg':
      return 'by the kilo';
    case 'jar':
      return 'by the jar';
    case 'room':
      return 'by the size of the jars';
    case 'recipe':
      return i.produce ? 'of the vegetables' : 'with the batch';
    case 'free':
      return 'as you like';
  }
}

const MANY: Readonly<Record<string, string>> = { leaf: 'leaves', berry: 'berries', bunch: 'bunches' };

/** An amount as a hand takes it: grams, millilitres, spoons, pieces. */
export function amountWords(
  l: Pick<Portioned, 'amount' | 'unit'>,
  write: Writes,
  spoons: SpoonSystem
): string {
  if (l.amount === null) return 'as you like';
  if (l.unit === 'g') return write.mass(l.amount);
  if (l.unit === 'ml') return write.volume(l.amount);
  if (/^(tsp|tbsp|cup)$/.test(l.unit)) return tidyMeasure(l.amount, l.unit, spoons);
  const n = plain(Math.round(l.amount * 10) / 10, 1);
  if (l.unit === '') return n;
  return `${n} ${l.amount > 1 ? (MANY[l.unit] ?? `${l.unit}s`) : l.unit}`;
}

/** A card changed for the hand to look at before it is kept: its text, and what changed and why. */
export interface ProposedChange {
  readonly card: string;
  readonly what: string;
  readonly why: string;
}
