import { shoppingList } from '$lib/core/kit';
import { action } from '$lib/server/http/answers';
import { brines, pantry } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const goods = await pantry(db);
  return { goods, toBuy: shoppingList(goods), brines: await brines.list(db, 'live') };
};

export const actions: Actions = {
  count: action(USE_CASES['count-goods']),
  keepBrine: action(USE_CASES['keep-brine']),
  takeBrine: action(USE_CASES['take-brine'])
};
