import { handsSaid, planAsked } from '$lib/server/views/plan';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => planAsked(locals.house, handsSaid(url.searchParams));
