import { csvAnswer } from '$lib/server/http/answers';
import { seasonCsv } from '$lib/server/views/grams';
import type { RequestHandler } from './$types';

/** What moved in all batches of a season, for a spreadsheet. */
export const GET: RequestHandler = async ({ locals, url }) =>
  csvAnswer(await seasonCsv(locals.house, url.searchParams.get('year') ?? ''));
