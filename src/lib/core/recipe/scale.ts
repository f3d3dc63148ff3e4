import { MEASURES, type SpoonSystem } from '../quantity/index';
import { pieceWeights } from '../produce/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { doseFor, type DosingWay } from '../salt/index';
import { gramsOf } from './base';
import type { Card, Ingredient, Scales } from './types';

/** What a recipe is made for. */
export interface MadeFor {
  /** Vegetables as prepared, g. */
  readonly vegG: number;
  /** Jars and their room, where they are known. */
  readonly jars: number;
  readonly roomMl: number;
}

/** One ingredient as it goes in. */
export interface Portioned {
  readonly of: Ingredient;
  /** null: as one likes. */
  readonly amount: number | null;
  readonly unit: string;
  /** g, where it is weighed. */
  readonly g: number | null;
  readonly scales: Scales;
}

export interface Scaled {
  /** Against the recipe as written; null when it is written in shares. */
  readonly factor: number | null;
  readonly lines: readonly Portioned[];
  readonly salt: { readonly way: DosingWay; readonly fraction: number } | null;
  readonly notes: readonly ScaleNote[];
}
export type ScaleNote = 'spice-far' | 'jars-unknown' | 'crock-warm' | 'whole-pieces';

/** Beyond this many times, or under that share, spice no longer goes by the rule. Common practice, no source. */
const FAR = { up: 4, down: 0.25 };

/** So much in one vessel warms itself and has its own surface, g. Common practice, no source. */
const WARM_G = 15_000;

/**
 * A recipe for other amounts: shares, seasoning by the kilo, pieces by the jar or by its room, the rest in proportion;
 * salt exactly by its own dose. Refuses a card on which a figure is missing or contradicts another.
 * Example: 2000 g with 6 g of caraway made with 1735 g takes 5.2 g.
 */
export function scaleRecipe(card: Card, to: MadeFor): Outcome<Scaled> {
  const stop = card.problems.find((p) => p.blocks);
  if (stop)
    return refuse('recipe-figure-missing', { field: 'recipe', values: { said: stop.said || stop.code } });
  if (!(to.vegG > 0)) return refuse('weight-not-positive', { field: 'items' });
  const factor = card.baseG === null ? null : to.vegG / card.baseG;
  const shares = sharesOf(card);
  const lines = card.ingredients.map((i) => portioned(i, to, factor, shares.get(i)));
  const reading = card.salt?.readings[0];
  const dose =
    reading &&
    doseFor(reading, {
      vegG: to.vegG,
      jars: to.jars,
      roomMl: to.roomMl,
      pieceG: pieceWeights(card.ingredients.find((i) => i.produce)?.crop ?? undefined)
    });
  return done({ factor, lines, salt: dose ?? null, notes: notesOf(card, to, factor, lines) });
}

/** Share of the vegetables of each line that is one, pieces at their mean weight; they add up to 1. */
export function sharesOf(card: Card): Map<Ingredient, number> {
  const produce = card.ingredients.filter((i) => i.produce);
  const given = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  const weighed = produce.filter((i) => i.scales === 'recipe');
  const grams = (i: Ingredient) => gramsOf(i) ?? 0;
  const all = weighed.reduce((a, i) => a + grams(i), 0);
  const counted = all === 0 ? weighed.length : 0;
  return new Map(
    produce.map((i) => [
      i,
      i.scales === 'share' ? (i.amount ?? 0) : (1 - given) * (counted ? 1 / counted : grams(i) / all)
    ])
  );
}

function portioned(i: Ingredient, to: MadeFor, factor: number | null, share: number | undefined): Portioned {
  const base = { of: i, unit: i.unit, scales: i.scales };
  if (i.scales === 'free' || i.amount === null) return { ...base, amount: null, g: null };
  if (share !== undefined && (i.scales === 'share' || i.unit === 'g')) {
    const g = share * to.vegG;
    return { ...base, amount: g, unit: 'g', g };
  }
  const times = {
    share: to.vegG,
    kg: to.vegG / 1000,
    jar: to.jars,
    room: to.roomMl / (i.perMl ?? 1000),
    recipe: factor ?? 1
  }[i.scales];
  const amount = i.amount * times;
  return { ...base, amount, g: i.unit === 'g' ? amount : null };
}

function notesOf(card: Card, to: MadeFor, factor: number | null, lines: readonly Portioned[]): ScaleNote[] {
  const far = factor !== null && (factor > FAR.up || factor < FAR.down);
  const spice = card.ingredients.some((i) => !i.produce && i.scales !== 'free');
  const byJar = card.ingredients.some((i) => i.scales === 'jar' || i.scales === 'room');
  const broken = lines.some(
    (l) =>
      l.amount !== null &&
      l.unit !== 'g' &&
      l.unit !== 'ml' &&
      !/tsp|tbsp|cup/.test(l.unit) &&
      l.amount % 1 > 0.01
  );
  return [
    ...(far && spice ? (['spice-far'] as const) : []),
    ...(byJar && to.jars === 0 ? (['jars-unknown'] as const) : []),
    ...(to.vegG > WARM_G ? (['crock-warm'] as const) : []),
    ...(broken ? (['whole-pieces'] as const) : [])
  ];
}

const EIGHTHS: Readonly<Record<number, string>> = {
  0.125: '1/8',
  0.25: '¼',
  0.375: '3/8',
  0.5: '½',
  0.625: '5/8',
  0.75: '¾',
  0.875: '7/8'
};

/**
 * A spoon measure in the measure a hand would take: three teaspoons are a tablespoon, six tablespoons 3/8 cup.
 * Example: `tidyMeasure(6, 'tbsp', 'US')` is `'3/8 cup'`; `tidyMeasure(1.5, 'tsp', 'US')` is `'1½ tsp'`.
 */
export function tidyMeasure(amount: number, unit: string, system: SpoonSystem): string {
  const own = MEASURES[system];
  if (unit !== 'tsp' && unit !== 'tbsp' && unit !== 'cup')
    return `${Math.round(amount * 10) / 10} ${unit}`.trim();
  const ml = amount * own[unit].factor;
  for (const larger of ['cup', 'tbsp', 'tsp'] as const) {
    const n = ml / own[larger].factor;
    const eighth = Math.round(n * 8) / 8;
    const least = larger === 'cup' ? 0.25 : larger === 'tbsp' ? 1 : 0;
    if (n >= least - 1e-9 && Math.abs(n - eighth) < 1e-6) return `${mixed(eighth)} ${larger}`;
  }
  return `${mixed(Math.max(0.125, Math.round(amount * 8) / 8))} ${unit}`;
}

function mixed(n: number): string {
  const whole = Math.floor(n);
  const part = EIGHTHS[n - whole] ?? '';
  if (part === '') return String(whole);
  return whole === 0 ? part : `${whole}${/^\d/.test(part) ? ' ' : ''}${part}`;
}
