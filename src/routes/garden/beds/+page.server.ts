import { bedsShown } from '$lib/server/views/beds';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => bedsShown(locals.house);
