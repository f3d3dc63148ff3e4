import { planAsked } from '$lib/server/views/plan';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => planAsked(locals.house);
