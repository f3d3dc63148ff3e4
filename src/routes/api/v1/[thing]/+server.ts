import { json } from '@sveltejs/kit';
import type { AsideAnswer, AsideName } from '$lib/schema/asides';
import { problemJson } from '$lib/server/http/answers';
import { jsonBody } from '$lib/server/http/bodies';
import {
  computeWorksheet,
  saveBenchDraft,
  stepClock,
  USE_CASES,
  type House,
  type Result
} from '$lib/server/usecases';
import { nextCare } from '$lib/server/views/care';
import { READERS } from '$lib/server/views/reads';
import type { RequestHandler } from './$types';

/** What stores nothing in the log; devices have doors of their own. */
const ASIDE: {
  readonly [N in Exclude<AsideName, 'scale' | 'meter' | 'thermometers'>]: (
    house: House,
    input: unknown
  ) => Promise<Result<AsideAnswer<N>>>;
} = {
  worksheet: computeWorksheet,
  'bench-draft': saveBenchDraft,
  'step-clock': (house, input) => stepClock(house, input, nextCare)
};
const ACTS = { ...USE_CASES, ...ASIDE };

const notThere = () =>
  json(
    { title: 'Not there', status: 404 },
    { status: 404, headers: { 'content-type': 'application/problem+json' } }
  );

const isOne = <T extends object>(all: T, name: string): name is keyof T & string => Object.hasOwn(all, name);

export const GET: RequestHandler = async ({ params, locals }) =>
  isOne(READERS, params.thing) ? json(await READERS[params.thing](locals.house)) : notThere();

export const POST: RequestHandler = async ({ params, request, locals }) => {
  if (!isOne(ACTS, params.thing)) return notThere();
  const body = await jsonBody(request);
  if (!body.ok) return problemJson([body.refusal]);
  const result = await ACTS[params.thing](locals.house, body.value);
  return result.ok ? json(result.value, { status: 200 }) : problemJson(result.refusals);
};
