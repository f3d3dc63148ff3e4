import { notebook } from '$lib/server/views/notebook';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url: { searchParams } }) =>
  notebook(locals.house, { says: searchParams.get('says') ?? '', before: searchParams.get('before') ?? '' });
