import { inHand, standing } from '../../core/batch';
import { verdictOn } from '../../core/care';
import { stock } from '../../core/larder';
import { dayOfWall } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import { shoppingList, type KnownBrine, type Pantry, type ToBuy } from '../../core/pantry';
import { saltOfStarts } from '../../core/season';
import { brines, shopping } from '../repos';
import { makingsOf, type House } from '../usecases';
import { knownBrines } from './brines';
import type { ColdJar } from './cold';
import { living, once } from './living';
import { startsAhead } from './planned';

/** The dry shelf: what is there, what wants buying, what brine is saved. */
export interface PantryShown {
  readonly goods: Pantry;
  readonly toBuy: readonly ToBuy[];
  readonly brines: readonly KnownBrine[];
  /** Jars on its shelves: heated by a recorded process, every one. */
  readonly jars: readonly ColdJar[];
}

export async function pantryShown(house: House): Promise<PantryShown> {
  const { pantry: goods, batches, household } = await living(house);
  const shelves = household.places.filter((p) => p.kind === 'pantry').map((p) => p.id);
  const heated = batches.filter((b) => standing(b).some((f) => f.heated));
  const jars = stock(heated, household.places).filter((s) => shelves.includes(s.placeId));
  const slim = new Map(heated.map((b) => [b.id, inHand(b)]));
  return {
    jars: jars.map((s) => ({
      ...s,
      batch: slim.get(s.batch.id)!,
      condemned: verdictOn(s.batch, s.filling, household.places) !== null
    })),
    goods,
    toBuy: await shoppingShown(house),
    brines: await knownBrines(house, await brines.list(house.db, 'live'))
  };
}

/** Salt is bought for the starts of a kept plan so many weeks ahead. */
const SALT_WEEKS = 3;

/** The shopping list: what ran low or too old, salt that benches and the kept plan want beyond it, and what somebody wrote. */
export const shoppingShown = (house: House): Promise<readonly ToBuy[]> =>
  once(house, 'shopping', async () => {
    const { pantry: goods, household, now } = await living(house);
    const wanted: Record<string, number> = {};
    const makings = await makingsOf(house.db, cropsOf(household));
    for (const { holdsSalt } of makings)
      for (const [kind, g] of Object.entries(holdsSalt ?? {})) wanted[kind] = (wanted[kind] ?? 0) + g;
    // What lies on a bench is counted with it.
    const lying = new Set(makings.map((m) => m.styleId));
    const planned = (await startsAhead(house, SALT_WEEKS)).filter((s) => !lying.has(s.styleId));
    const kind = household.saltKindId;
    wanted[kind] = (wanted[kind] ?? 0) + saltOfStarts(planned, household);
    return shoppingList(goods, await shopping(house.db), dayOfWall(now), wanted);
  });
