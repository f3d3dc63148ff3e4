import { action } from '$lib/server/http/answers';
import { USE_CASES } from '$lib/server/usecases';
import type { Actions } from './$types';

export const actions: Actions = { write: action(USE_CASES['write-recipe']) };
