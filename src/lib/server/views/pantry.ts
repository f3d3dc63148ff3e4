import { shoppingList, type KeptBrine, type Pantry } from '../../core/pantry';
import { brines } from '../repos';
import type { House } from '../usecases';
import { living } from './living';

/** The dry shelf: what is there, what wants buying, what brine is saved. */
export interface PantryShown {
  readonly goods: Pantry;
  readonly toBuy: Pantry;
  readonly brines: readonly KeptBrine[];
}

export async function pantryShown(house: House): Promise<PantryShown> {
  const { pantry: goods } = await living(house);
  return { goods, toBuy: shoppingList(goods), brines: await brines.list(house.db, 'live') };
}
