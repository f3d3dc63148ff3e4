import type { Knex } from 'knex';
import { evolveBatch, isLive, type Batch, type BatchEvent } from '../../core/batch';
import {
  evolveHousehold,
  evolvePantry,
  NEW_HOUSEHOLD,
  type Household,
  type HouseholdEvent,
  type Pantry,
  type PantryEvent
} from '../../core/kit';
import { evolveLot, isOpen, type Lot, type LotEvent } from '../../core/lot';
import { Aggregate } from '../db/aggregate';

export const lots = new Aggregate<Lot, LotEvent>({ kind: 'lot', evolve: evolveLot, isLive: isOpen });
export const batches = new Aggregate<Batch, BatchEvent>({ kind: 'batch', evolve: evolveBatch, isLive });
export const households = new Aggregate<Household, HouseholdEvent>({
  kind: 'household',
  evolve: (_, state, event) => evolveHousehold(state ?? NEW_HOUSEHOLD, event),
  isLive: () => true
});
export const pantries = new Aggregate<Pantry, PantryEvent>({
  kind: 'pantry',
  evolve: (_, state, event) => evolvePantry(state ?? [], event),
  isLive: () => true
});

/** One household, one shelf: their streams have one name. */
export const OURS = 'ours';

/** The household as it is now, or as it is before anything was said. */
export async function household(trx: Knex): Promise<Household> {
  return (await households.load(trx, OURS))?.state ?? NEW_HOUSEHOLD;
}

/** What is on the pantry shelf. */
export async function pantry(trx: Knex): Promise<Pantry> {
  return (await pantries.load(trx, OURS))?.state ?? [];
}

const byKind: Record<string, { rebuild(trx: Knex, id: string, zone: string): Promise<void> }> = {
  lot: lots,
  batch: batches,
  household: households,
  pantry: pantries
};

/** Derives the current row of one stream anew, whatever its kind. */
export async function rebuildStream(trx: Knex, stream: string, zone: string): Promise<void> {
  const [kind = '', ...rest] = stream.split(':');
  await byKind[kind]?.rebuild(trx, rest.join(':'), zone);
}

/** Derives everything anew from the log. */
export async function rebuildAll(trx: Knex, zone: string): Promise<void> {
  await trx('current').delete();
  for (const kind of [lots, batches, households, pantries]) await kind.rebuildAll(trx, zone);
}
