import { dayShown } from '$lib/server/views/day';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => dayShown(locals.house);
