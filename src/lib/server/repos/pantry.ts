import type { Knex } from 'knex';
import {
  evolveBrine,
  evolvePantry,
  BRINE_UNDO,
  BRINE_UPCASTS,
  evolveShopping,
  NO_SHOPPING,
  PANTRY_UNDO,
  SHOPPING_UNDO,
  type Shopping,
  type ShoppingEvent,
  type BrineEvent,
  type KeptBrine,
  type Pantry,
  type PantryEvent
} from '../../core/pantry';
import { Aggregate } from '../db/aggregate';

/** One household, one shelf: their streams have one name. */
export const OURS = 'ours';

export const pantries = new Aggregate<Pantry, PantryEvent>({
  kind: 'pantry',
  evolve: (_, state, event) => evolvePantry(state ?? [], event),
  isLive: () => true,
  undo: PANTRY_UNDO
});

export const shoppings = new Aggregate<Shopping, ShoppingEvent>({
  kind: 'shopping',
  evolve: (_, state, event) => evolveShopping(state ?? NO_SHOPPING, event),
  isLive: () => true,
  undo: SHOPPING_UNDO
});

export const brines = new Aggregate<KeptBrine, BrineEvent>({
  kind: 'brine',
  evolve: evolveBrine,
  undo: BRINE_UNDO,
  upcasts: BRINE_UPCASTS,
  isLive: (b) => b.ml > 0
});

/** What is on the pantry shelf. */
export async function pantry(trx: Knex): Promise<Pantry> {
  return (await pantries.load(trx, OURS))?.state ?? [];
}

/** What is on the shopping list by hand, and what lies in the basket. */
export async function shopping(trx: Knex): Promise<Shopping> {
  return (await shoppings.load(trx, OURS))?.state ?? NO_SHOPPING;
}
