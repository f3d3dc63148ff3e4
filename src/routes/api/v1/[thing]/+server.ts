import { json } from '@sveltejs/kit';
import { stock } from '$lib/core/larder';
import { problemJson } from '$lib/server/http/answers';
import { jsonBody } from '$lib/server/http/bodies';
import { allRecipes, brines } from '$lib/server/repos';
import { care, living } from '$lib/server/views';
import {
  computeWorksheet,
  learntOf,
  saveBenchDraft,
  stepClock,
  USE_CASES,
  type House,
  type Result,
  type UseCaseName
} from '$lib/server/usecases';
import type { RequestHandler } from './$types';

/** What can be read, by name. */
const READS: Record<string, (house: House) => Promise<unknown>> = {
  picks: async (house) => (await living(house)).lots,
  batches: async (house) => (await living(house)).batches,
  kit: async (house) => (await living(house)).household,
  learnt: async (house) => learntOf(house.db, (await living(house)).household),
  recipes: async (house) => allRecipes(house.db),
  brines: async (house) => brines.list(house.db, 'live'),
  pantry: async (house) => (await living(house)).pantry,
  tasks: care,
  stock: async (house) => {
    const { batches, household } = await living(house);
    return stock(batches, household.places).map(({ batch, ...jar }) => ({
      ...jar,
      batchId: batch.id,
      name: batch.name
    }));
  }
};

/** What stores nothing in the log. */
const ASIDE: Record<string, (house: House, input: unknown) => Promise<Result<unknown>>> = {
  worksheet: computeWorksheet,
  'bench-draft': saveBenchDraft,
  'step-clock': stepClock
};

const notThere = () =>
  json(
    { title: 'Not there', status: 404 },
    { status: 404, headers: { 'content-type': 'application/problem+json' } }
  );

export const GET: RequestHandler = async ({ params, locals }) => {
  const read = Object.hasOwn(READS, params.thing) ? READS[params.thing] : undefined;
  return read ? json(await read(locals.house)) : notThere();
};

export const POST: RequestHandler = async ({ params, request, locals }) => {
  const name = params.thing;
  const act = Object.hasOwn(ASIDE, name)
    ? ASIDE[name]
    : Object.hasOwn(USE_CASES, name)
      ? USE_CASES[name as UseCaseName]
      : undefined;
  if (!act) return notThere();
  const body = await jsonBody(request);
  if (!body.ok) return problemJson([body.refusal]);
  const result = await act(locals.house, body.value);
  return result.ok ? json(result.value, { status: 200 }) : problemJson(result.refusals);
};
