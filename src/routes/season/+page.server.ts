import { bedsShown } from '$lib/server/views/beds';
import { season } from '$lib/server/views/season';
import type { PageServerLoad } from './$types';

/** What was, and of this year what the beds will bring. */
export const load: PageServerLoad = async ({ locals, url }) => {
  const shown = await season(locals.house, url.searchParams.get('year') ?? '');
  const { ahead } = shown.year === shown.thisYear ? await bedsShown(locals.house) : { ahead: [] };
  return { ...shown, ahead };
};
