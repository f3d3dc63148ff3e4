import { garden } from '$lib/server/views/garden';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => garden(locals.house);
