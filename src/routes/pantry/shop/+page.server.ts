import { shoppingShown } from '$lib/server/views/pantry';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ list: await shoppingShown(locals.house) });
