import { shoppingList } from '$lib/core/kit';
import { action } from '$lib/server/http/answers';
import { pantry } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const goods = await pantry(locals.house.db);
  return { goods, toBuy: shoppingList(goods) };
};

export const actions: Actions = { count: action(USE_CASES['count-goods']) };
