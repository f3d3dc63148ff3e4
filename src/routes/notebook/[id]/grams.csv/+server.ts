import { error } from '@sveltejs/kit';
import { csvAnswer } from '$lib/server/http/answers';
import { batchCsv } from '$lib/server/views/grams';
import type { RequestHandler } from './$types';

/** What moved in a batch, for a spreadsheet. */
export const GET: RequestHandler = async ({ locals, params }) =>
  csvAnswer((await batchCsv(locals.house, params.id)) ?? error(404, 'No batch of that name.'));
