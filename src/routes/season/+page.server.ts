import { season } from '$lib/server/views/season';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
  season(locals.house, url.searchParams.get('year') ?? '');
