import { pantryShown } from '$lib/server/views/pantry';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => pantryShown(locals.house);
