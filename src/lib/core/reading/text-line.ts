import type { SpoonSystem } from '../quantity/index';
import { amountAt } from './amount';
import { isMark, wordOf, isWord } from './at';
import { unlisted } from './line';
import { saltyNamed } from './names';
import { tokens } from './tokens';
import type { Token } from './token';
import { WATER_WORDS, WATER_ADJECTIVES } from './words';

/** Verbs that begin a step. */
const VERBS = new Set(
  'shred slice chop cut wash rinse trim core mix massage rub pound press pack pour cover weigh leave let stand ferment taste store keep stir add put fill top seal close burp skim place dissolve boil heat cool drain sprinkle toss repeat wait move label turn tuck layer submerge blend strain bottle refrigerate remove discard peel grate quarter halve clean sterilise sterilize scald warm combine bring transfer set check make prepare squeeze knead work season eat serve enjoy open wipe lay use do dry soak crush mince finely roughly thinly cube dice open allow once when after until before if then finally now next meanwhile always never watch start begin push weight screw loosen tighten ensure reserve save scrub ready measure'.split(
    ' '
  )
);
const LABELS = new Set(
  'makes serves yields yield source from note notes tip tips warning servings time method directions instructions steps ingredients spices equipment'.split(
    ' '
  )
);
const TIME = new Set('day days week weeks hour hours hr hrs minute minutes min mins month months'.split(' '));

/** Why a line is only text of the card: nothing of it is weighed. */
export type TextLine = 'title' | 'step' | 'remark' | 'heading';

/**
 * Whether a line is a title, a heading, a step or a remark; undefined: it names something that goes in.
 * `first`: it is the first line of the card and others hold amounts.
 */
export function textLine(said: string, first: boolean, system: SpoonSystem): TextLine | undefined {
  const line = unlisted(said);
  const all = tokens(line);
  if (!/\p{L}/u.test(line)) return 'remark';
  if (isMark(all[0], '(') && all.findIndex((t) => isMark(t, ')')) >= all.length - 2) return 'remark';
  const words = all.filter((t) => t.kind === 'word');
  const numbers = all.filter((t) => t.kind === 'number');
  const opening = wordOf(tokens(line.split(/\s/)[0] ?? '')[0]) || (line.split(/\s/)[0] ?? '').toLowerCase();
  const timed = all.some(
    (t, i) =>
      t.kind === 'number' &&
      (TIME.has(wordOf(all[i + 1])) || isMark(all[i + 1], '°') || isWord(all[i + 1], 'degrees', 'c', 'f'))
  );
  const hasSalt = all.some((t) => isWord(t, 'salt', 'kosher'));
  if (/:\s*$/.test(line) && numbers.length === 0) return 'heading';
  if (LABELS.has(opening)) return 'remark';
  if (timed && !(hasSalt && all.some((_, i) => measuredSalt(all, i, system)))) return 'remark';
  // "Top" and "pound" are things too: a step says more than its verb and a thing.
  if (VERBS.has(opening) && words.length >= 2 && !startsAsThing(all)) return 'step';
  if (numbers.length > 0) return undefined;
  if (isWord(all[0], 'for', 'to') && words.length >= 2) return 'heading';
  if (words.length >= 7) return 'remark';
  return first && words.length >= 2 && !isWord(all[0], 'some', 'a') ? 'title' : undefined;
}

/** "Dry mustard", "quarter lemon", "season salt": a verb's word that begins a name. */
function startsAsThing(all: readonly Token[]): boolean {
  return (
    all[0]?.kind === 'number' ||
    (isWord(all[0], 'dry', 'finely', 'roughly', 'thinly') && all.some((t) => t.kind === 'number'))
  );
}
const measuredSalt = (all: readonly Token[], at: number, system: SpoonSystem): boolean =>
  amountAt(all, at, system) !== undefined;

/** Whether a line says a dose of salt itself, and not of something that holds salt. */
export function saltLine(said: string): boolean {
  const line = unlisted(said);
  const all = tokens(line);
  const salt = all.findIndex((t) => isWord(t, 'salt', 'salts', 'kosher', 'nacl'));
  const percent = all.some(
    (t, i) => t.kind === 'number' && (isMark(all[i + 1], '%') || isWord(all[i + 1], 'percent'))
  );
  const brine = all.some((t) => isWord(t, 'brine'));
  if (salt < 0) return percent && brine;
  if (isWord(all[salt - 1], 'celery', 'garlic', 'onion', 'herb', 'seasoned')) return false;
  return (
    saltyNamed(line) === undefined ||
    (/\bsalt\b/i.test(line.replace(/celery salt/i, '')) && saltyNamed(line)?.id !== 'celery-salt')
  );
}

/** Water or brine to pour, by its name. */
export function isWater(name: string): boolean {
  const all = tokens(name).filter((t) => t.kind === 'word');
  return (
    all.some((t) => WATER_WORDS.has(wordOf(t))) &&
    all.every(
      (t) =>
        WATER_WORDS.has(wordOf(t)) || WATER_ADJECTIVES.has(wordOf(t)) || isWord(t, 'for', 'the', 'of', 'and')
    )
  );
}

/** Preserves that keep by something else than salt and sourness. */
export const otherPreserve = (name: string): 'honey' | 'oil' | 'vinegar' | undefined => {
  const words = tokens(name).map(wordOf);
  return (['honey', 'oil', 'vinegar'] as const).find((w) => words.includes(w));
};
