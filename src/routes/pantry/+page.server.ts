import { shoppingList } from '$lib/core/pantry';
import { brines, pantry } from '$lib/server/repos';

import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const goods = await pantry(db);
  return { goods, toBuy: shoppingList(goods), brines: await brines.list(db, 'live') };
};
