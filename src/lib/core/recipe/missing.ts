import { sharesOf } from './scale';
import type { Card, Ingredient } from './types';

/** One vegetable of a recipe against what lies in the Garden and on the benches, g. */
export interface Wanted {
  readonly ingredient: Ingredient;
  readonly thereG: number;
  /** As much as what is there of the recipe's scarcest main things would want of it; null: nothing of them is there. */
  readonly wantedG: number | null;
  /** Of the style's crops that are there and not in the recipe, the most first: what there is instead. */
  readonly instead: readonly string[];
}

/**
 * What is missing for a recipe, and what there is instead. `there` in g by crop; `suits` the crops that its style takes, the
 * dearest first. Example: for 80 % cabbage and 20 % carrot with 2 kg of cabbage and no carrot, 500 g of carrot are wanted.
 */
export function missingFor(
  card: Card,
  there: Readonly<Record<string, number>>,
  suits: readonly string[]
): Wanted[] {
  const shares = [...sharesOf(card)];
  const of = (i: Ingredient) => (i.cropId === null ? 0 : (there[i.cropId] ?? 0));
  const main = shares.filter(([i]) => of(i) > 0).sort(([, a], [, b]) => b - a)[0];
  const total = main ? of(main[0]) / main[1] : null;
  const named = new Set(shares.map(([i]) => i.cropId));
  const others = suits
    .filter((id) => !named.has(id) && (there[id] ?? 0) > 0)
    .sort((a, b) => (there[b] ?? 0) - (there[a] ?? 0));
  return shares.map(([ingredient, share]) => {
    const thereG = of(ingredient);
    const wantedG = total === null ? null : share * total;
    const short = thereG < LEAST * (wantedG ?? 1);
    return { ingredient, thereG, wantedG, instead: short ? others.slice(0, 3) : [] };
  });
}

/** With so much of what is wanted it is as good as there. Our judgement. */
const LEAST = 0.9;
