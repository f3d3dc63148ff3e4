import { placeOf, portion, standing, stockG, type Batch, type BatchEvent } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import { verdictOn } from '../care/index';
import type { Dish, Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { styleLike } from '../style/index';
import { stock, type StockJar } from './larder';

/** A dish and what could be cooked of it now. */
export interface DishNow {
  readonly dish: Dish;
  /** As many servings as the stock gives. */
  readonly servings: number;
  /** The jar that should go first of those it takes, by its number, and till when it is best; null: there is none. */
  readonly first: { readonly lidNumber: number; readonly name: string; readonly best: WallMinute } | null;
}

/** A jar that something is cooked of. */
export interface JarToCook extends Omit<StockJar, 'batch'> {
  readonly batch: Batch;
}

/** What of the cold may be cooked: nothing that is to be thrown away; what to eat first at the top. */
export function forCooking(batches: readonly Batch[], places: readonly Place[]): JarToCook[] {
  const cold = new Set(places.filter((p) => p.kind === 'cold').map((p) => p.id));
  const batchOf = new Map(batches.flatMap((b) => standing(b).map((f) => [f.id, b] as const)));
  return stock(batches, places).flatMap((s) => {
    const batch = batchOf.get(s.filling.id);
    return batch && cold.has(placeOf(s.filling)) && verdictOn(batch, s.filling, places) === null
      ? [{ ...s, batch }]
      : [];
  });
}

const ofStyle = (jars: readonly JarToCook[], styleId: string): JarToCook[] =>
  jars.filter((s) => styleLike(s.batch.styleId) === styleId);

/**
 * What could be cooked from what stands in the cold, what should go first on top; what lacks a ferment comes last.
 * @param jars what may be eaten, what to eat first at the top
 */
export function dishesNow(dishes: readonly Dish[], jars: readonly JarToCook[]): DishNow[] {
  const all = dishes.map((dish): DishNow => {
    const servings = Math.min(
      ...dish.uses.map(({ styleId, g }) =>
        Math.floor((ofStyle(jars, styleId).reduce((a, s) => a + stockG(s.filling), 0) + 0.5) / g)
      )
    );
    const first = jars.find((s) => dish.uses.some((u) => u.styleId === styleLike(s.batch.styleId)));
    return {
      dish,
      servings,
      first: first ? { lidNumber: first.filling.lidNumber, name: first.batch.name, best: first.best } : null
    };
  });
  const soon = (d: DishNow) => (d.servings > 0 ? (d.first?.best ?? Infinity) : Infinity);
  return all.sort((a, b) => soon(a) - soon(b) || a.dish.name.localeCompare(b.dish.name));
}

/**
 * So many servings of a dish cooked: out of the jars that should go first, opened ones before others. Refuses more than there
 * is of one of its ferments.
 */
export function cooked(
  dish: Dish,
  servings: number,
  jars: readonly JarToCook[]
): Outcome<{ readonly batchId: string; readonly lidNumber: number; readonly event: BatchEvent }[]> {
  const out: { batchId: string; lidNumber: number; event: BatchEvent }[] = [];
  for (const { styleId, g } of dish.uses) {
    let wanted = g * servings;
    const there = ofStyle(jars, styleId).sort((a, b) => Number(b.opened) - Number(a.opened));
    const all = there.reduce((a, s) => a + stockG(s.filling), 0);
    if (wanted > all + 0.5)
      return refuse('dish-lacks', { field: 'servings', values: { styleId, saidG: wanted, thereG: all } });
    for (const { batch, filling } of there) {
      const take = Math.min(wanted, stockG(filling));
      if (take <= 0.01) continue;
      const taken = portion(batch, filling.id, 'cooked', take, dish.name);
      if (!taken.ok) return taken;
      out.push({ batchId: batch.id, lidNumber: filling.lidNumber, event: taken.value });
      wanted -= take;
    }
  }
  return done(out);
}
