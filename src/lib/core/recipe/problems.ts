import { otherPreserve } from '../reading/index';
import type { RefusalCode } from '../refusal/index';
import { mustAsk } from '../salt/index';
import { gramsOf, baseOf } from './base';
import type { Ingredient, CardProblem, SaltLine } from './types';

type Code = CardProblem['code'];

/** What is missing on a card, or cannot be meant: line by line, then the produce, then the salt. */
export const problemsOf = (
  all: readonly Ingredient[],
  salt: SaltRead | null,
  salts: readonly Line[]
): CardProblem[] => [...lineProblems(all, salt), ...shareProblems(all), ...saltProblems(salt, salts)];

const say = (
  code: Code,
  { line, said }: Pick<Line, 'said'> & { line: number | null },
  blocks = true,
  word?: string
) => ({
  ...{ code, line, said, blocks },
  ...(word ? { word } : {})
});
const ofCard = { line: null, said: '' };

function lineProblems(all: readonly Ingredient[], salt: SaltRead | null): CardProblem[] {
  const out: CardProblem[] = all.some((i) => i.produce) ? [] : [say('no-produce', ofCard)];
  for (const i of all) {
    const other = otherPreserve(i.name);
    if (other && large(i, all)) out.push(say('other-preserve', i, salt === null, other));
    if (i.scales === 'free') continue;
    if (i.amount === null) out.push(say('figure-missing', i));
    // A figure, and nothing it could be of: its whole line stands for its name.
    else if (i.name === i.said) out.push(say('name-missing', i));
    else if (i.produce && i.scales === 'recipe' && gramsOf(i) === null) out.push(say('line-unclear', i));
  }
  return out;
}

/** Shares of the produce that come to more than all of it, or leave some out. */
function shareProblems(all: readonly Ingredient[]): CardProblem[] {
  const produce = all.filter((i) => i.produce);
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  const alone = produce.every((i) => i.scales === 'share');
  const off = produce.length > 0 && (shares > 1.005 || (alone && shares < 0.995));
  return off ? [say('shares-over', { line: null, said: String(Math.round(shares * 100)) })] : [];
}

function saltProblems(salt: SaltRead | null, salts: readonly Line[]): CardProblem[] {
  if (!salt) return [say('no-salt', ofCard)];
  const twice = salts[1];
  if (twice) return [say('salt-twice', twice)];
  const { why } = salt;
  if (why && why.code !== 'dose-no-amount')
    return [{ ...say('salt-not-understood', salt), why: why.code, word: why.word }];
  if (salt.readings.length === 0) return [say('figure-missing', salt)];
  if (differ(salt)) return [say('salt-unclear', salt)];
  return mustAsk(salt.readings.map((r) => r.saltG / r.per)) ? [say('salt-measure-unclear', salt)] : [];
}

/** More than a splash: it would be what keeps the jar. */
function large(i: Ingredient, all: readonly Ingredient[]): boolean {
  if (i.amount === null || /^(tsp|tbsp)$/.test(i.unit)) return i.unit === 'tbsp' && (i.amount ?? 0) > 4;
  if (i.unit === 'cup') return true;
  const base = baseOf(all);
  const amount = i.unit === 'g' || i.unit === 'ml' ? i.amount : 0;
  return i.scales === 'kg' ? amount > 100 : amount > (base ?? 1000) * 0.1;
}

/** More than one base is meant: what it settles at differs by far more than 5 %. */
const differ = (s: SaltLine): boolean => new Set(s.readings.map((r) => r.base)).size > 1;
export type SaltRead = SaltLine & { readonly why: { code: RefusalCode; word: string } | null };
export interface Line {
  readonly said: string;
  readonly line: number;
}
