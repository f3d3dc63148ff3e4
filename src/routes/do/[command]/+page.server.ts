import { error, redirect } from '@sveltejs/kit';
import { formDone, refused } from '$lib/server/http/answers';
import { formBody } from '$lib/server/http/bodies';
import { DOOR_CASES, USE_CASES } from '$lib/server/usecases';
import type { Actions, PageServerLoad } from './$types';

const CASES = { ...USE_CASES, ...DOOR_CASES };

/** There is nothing to see here, only to do. */
export const load: PageServerLoad = ({ request }) => {
  if (request.method === 'GET') redirect(303, '/');
};

/** Every form of every room comes here, by the name of its command in the registry. */
export const actions: Actions = {
  default: async ({ params, request, locals }) => {
    if (!Object.hasOwn(CASES, params.command)) error(404, 'There is nothing of that name to do.');
    const name = params.command as keyof typeof CASES;
    const form = await formBody(request);
    if (!form.ok) return refused([form.refusal]);
    const result = await CASES[name](locals.house, form.value);
    return result.ok
      ? formDone(locals.house, name, form.value, result.value)
      : refused(result.refusals, form.value);
  }
};
