import { otherPreserve } from '../reading/index';
import type { RefusalCode } from '../refusal/index';
import { mustAsk } from '../salt/index';
import { gramsOf, baseOf } from './base';
import type { Ingredient, CardProblem, SaltLine } from './types';

export function problemsOf(
  all: readonly Ingredient[],
  salt: SaltRead | null,
  salts: readonly Line[]
): CardProblem[] {
  const out: CardProblem[] = [];
  const say = (
    code: CardProblem['code'],
    line: number | null,
    said: string,
    blocks: boolean,
    word?: string
  ) => out.push({ code, line, said, blocks, ...(word ? { word } : {}) });
  const produce = all.filter((i) => i.produce);
  if (produce.length === 0) say('no-produce', null, '', true);
  for (const i of all) {
    const other = otherPreserve(i.name);
    if (other && large(i, all)) say('other-preserve', i.line, i.said, salt === null, other);
    if (i.scales === 'free') continue;
    if (i.amount === null) say('figure-missing', i.line, i.said, true);

    // A figure, and nothing it could be of: its whole line stands for its name.
    else if (i.name === i.said) say('name-missing', i.line, i.said, true);
    else if (i.produce && i.scales === 'recipe' && gramsOf(i) === null)
      say('line-unclear', i.line, i.said, true);
  }
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  const alone = produce.every((i) => i.scales === 'share');
  if (produce.length > 0 && (shares > 1.005 || (alone && shares < 0.995)))
    say('shares-over', null, String(Math.round(shares * 100)), true);
  if (!salt) say('no-salt', null, '', true);
  else if (salts.length > 1) say('salt-twice', salts[1]!.line, salts[1]!.said, true);
  else if (salt.why && salt.why.code !== 'dose-no-amount')
    out.push({
      code: 'salt-not-understood',
      line: salt.line,
      said: salt.said,
      blocks: true,
      why: salt.why.code,
      word: salt.why.word
    });
  else if (salt.readings.length === 0) say('figure-missing', salt.line, salt.said, true);
  else if (differ(salt)) say('salt-unclear', salt.line, salt.said, true);
  else if (mustAsk(salt.readings.map((r) => r.saltG / r.per)))
    say('salt-measure-unclear', salt.line, salt.said, true);
  return out;
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
