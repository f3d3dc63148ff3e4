import { counter } from '$lib/server/views/counter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => counter(locals.house);
