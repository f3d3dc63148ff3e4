/** How the reader does on said phrases and cards: the meaning, a question with it, a refusal; or another meaning. */
import { gramsOf, readCard } from '../../src/lib/core/recipe/index';
import { readDose } from '../../src/lib/core/reading/index';
import { mustAsk, saltKind, type DoseReading } from '../../src/lib/core/salt/index';
import {
  dosePhrase,
  pick,
  saidCard,
  seeded,
  type Meaning,
  type Phrase,
  type SaidCard,
  type System
} from './say';

export const OWN = saltKind('pickling')!;
export const SYSTEMS: readonly System[] = ['US', 'metric', 'AU', 'imperial'];

/** Grams that the meaning comes to with one of the salts it may be of. */
const gramsWith = (m: Pick<Meaning, 'g' | 'ml'>, kindId: string): number =>
  m.g ?? (m.ml ?? 0) * (saltKind(kindId)?.gPerMl ?? 0);

export function fits(r: DoseReading, m: Meaning): boolean {
  if (r.base !== m.base) return false;
  const kinds = m.kinds ?? [OWN.id];
  if (m.ml !== undefined && !kinds.includes(r.kind.id)) return false;
  const wanted = gramsWith(m, r.kind.id) / m.per;
  return Math.abs(r.saltG / r.per / wanted - 1) < (m.wide ? 0.2 : 0.01);
}

export type Verdict = 'answered' | 'asked' | 'refused' | 'wrong';
export function verdict(p: Phrase, system: System): Verdict {
  const read = readDose(p.text, { system, kind: OWN, crops: [] });
  if (!read.ok) return 'refused';
  const right = read.value.filter((r) => fits(r, p.means));
  if (right.length === 0) return 'wrong';
  const ends = read.value.map((r) => r.saltG / r.per);
  return right.length === read.value.length && !mustAsk(ends) ? 'answered' : 'asked';
}

/** So many seeded doses with their verdicts. */
export function judgedDoses(seed: number, count: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const system = pick(random, SYSTEMS);
    const phrase = dosePhrase(random, system);
    return { phrase, system, is: verdict(phrase, system) };
  });
}

/** A card as it was read against what it means. */
export function judgedCard(system: System, said: SaidCard) {
  const card = readCard(said.text, { system, kind: OWN, crops: [], salting: said.salting });
  const asked = card.problems.some((p) => p.blocks);
  const wrong: string[] = [];
  for (const [cropId, g] of Object.entries(said.means.crops)) {
    const found = card.ingredients
      .filter((i) => i.cropId === cropId && i.produce)
      .map((i) => gramsOf(i) ?? NaN);
    if (!(Math.abs((found[0] ?? NaN) / g - 1) < 0.005 && found.length === 1))
      wrong.push(`${cropId} ${found.join('+')} for ${g}`);
  }
  const { salt } = said.means;
  const right = card.salt?.readings.some((r) => {
    const wanted = salt && gramsWith(salt, r.kind.id) / salt.perG;
    return (
      salt &&
      wanted &&
      r.base === salt.base &&
      Math.abs(r.saltG / r.per / wanted - 1) < 0.01 &&
      (salt.ml === undefined || (said.means.kinds ?? [OWN.id]).includes(r.kind.id))
    );
  });
  if (!right) wrong.push(`salt ${card.salt?.said ?? 'none'}`);
  if (
    !asked &&
    card.salt &&
    card.salt.readings.length > 1 &&
    new Set(card.salt.readings.map((r) => r.base)).size > 1
  )
    wrong.push('two bases unasked');
  return { text: said.text, asked, wrong, problems: card.problems };
}

/** So many seeded cards with what was wrong or asked. */
export function judgedCards(seed: number, count: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const system = pick(random, SYSTEMS);
    return judgedCard(system, saidCard(random, system));
  });
}
