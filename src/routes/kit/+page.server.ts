import { kit } from '$lib/server/views/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => kit(locals.house);
