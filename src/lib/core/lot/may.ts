import { type Outcome, refuse, done } from '../refusal/index';
import { type Lot, type Aside, type LotOnBench, asideG } from './lot';

/** Whether so many grams may leave the Garden, or a bench. */
export function mayTake(lot: Lot, g: number, bench: string | null): Outcome<number> {
  const there = bench === null ? lot.gardenG : (lot.benches[bench]?.g ?? 0);
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g > there + 0.5)
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: there } });
  return done(Math.min(g, there));
}

/** Whether a pick on the bench may be sorted so: what leaves it and what is prepared add up to no more than it is. */
export function maySort(
  lot: Pick<Lot, 'benchG'>,
  culledG: number,
  aside: Aside,
  preparedG: number
): Outcome<number> {
  const outG = culledG + asideG(aside);
  // Washing leaves some water on: a twentieth.
  if (outG + preparedG > lot.benchG * 1.05 + 5)
    return refuse('sorted-too-much', {
      field: 'prepared',
      values: { saidG: outG + preparedG, thereG: lot.benchG }
    });
  return done(outG);
}

/** Whether the weigh-in may be corrected to so much: never below what has already left the Garden. */
export function mayCorrect(lot: Lot, g: number): Outcome<number> {
  const gone = lot.weighed.g - lot.gardenG;
  if (!(g > 0)) return refuse('weight-not-positive', { field: 'weight' });
  if (g < gone - 0.5) return refuse('less-than-used', { field: 'weight', values: { saidG: g, goneG: gone } });
  return done(g);
}

/** What another hand did on a bench: a pick came, is to be weighed again, weighs something else (as typed), or went. */
export type BenchChange =
  | { readonly what: 'came' | 'unweighed'; readonly cropId: string }
  | { readonly what: 'weighs'; readonly cropId: string; readonly said: string }
  | { readonly what: 'went' };

/** What was changed on a bench since a page showed it; `seen` is the weight of each pick as it was typed then. */
export function changedSince(
  seen: Readonly<Record<string, string>>,
  onBench: readonly LotOnBench[]
): BenchChange[] {
  const news = onBench.flatMap(({ id, cropId, prepared }): BenchChange[] => {
    const [was, said] = [seen[id], prepared?.said ?? ''];
    if (was === undefined) return [{ what: 'came', cropId }];
    if (was.trim() === said.trim()) return [];
    return [said === '' ? { what: 'unweighed', cropId } : { what: 'weighs', cropId, said }];
  });
  const gone = Object.keys(seen).some((lotId) => !onBench.some((lot) => lot.id === lotId));
  return gone ? [...news, { what: 'went' }] : news;
}
