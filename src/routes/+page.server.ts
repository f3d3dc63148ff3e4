import { today } from '$lib/server/views/today';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => today(locals.house, url.searchParams.has('all'));
