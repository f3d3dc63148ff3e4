import { recipeLines } from '$lib/server/views/recipes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ recipes: await recipeLines(locals.house) });
