import { seasonGrams } from '$lib/server/views/grams';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
  seasonGrams(locals.house, url.searchParams.get('year') ?? '');
