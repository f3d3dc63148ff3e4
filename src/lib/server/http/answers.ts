import { fail, json, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import type { Refusal } from '../../core/refusal';
import { problem, type Problem } from '../../schema/words';
import type { UseCase } from '../usecases';

/** What a form gets back: done, with the command to undo it by; or problems, with what was filled in. */
export interface FormDone {
  readonly done: string;
  readonly commandId: string;
  readonly answer: unknown;
}

/** A form's fields: a field given more than once is a list. */
export function formObject(form: FormData): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const key of new Set(form.keys())) {
    const all = form.getAll(key);
    out[key] = all.length > 1 ? all : all[0];
  }
  return out;
}

/** A form action that runs a use case. Refusals come back beside the fields they are about. */
export function action<T>(useCase: UseCase<T>) {
  return async (
    event: Pick<RequestEvent, 'request' | 'locals'>
  ): Promise<FormDone | ActionFailure<{ problems: Problem[]; filledIn: Record<string, unknown> }>> => {
    const input = formObject(await event.request.formData());
    const result = await useCase(event.locals.house, input);
    if (!result.ok)
      return fail(statusOf(result.refusals), { problems: result.refusals.map(problem), filledIn: input });
    return { done: useCase.name, commandId: String(input.commandId), answer: result.value };
  };
}

/** Somebody else, or something that happened since, stands in the way. */
const CONFLICTS = new Set([
  'changed-meanwhile',
  'already-answered',
  'changed-since',
  'bench-changed',
  'command-taken',
  'discard-first'
]);

/** The house cannot store anything just now. */
const NOT_NOW = new Set(['disk-full', 'disk-refuses', 'house-busy']);

/** Conflicts are 409, unknown things 404, the rest 400. */
function statusOf(refusals: readonly Refusal[]): number {
  const codes = refusals.map((r) => r.code);
  if (codes.some((c) => NOT_NOW.has(c))) return 503;
  if (codes.some((c) => CONFLICTS.has(c))) return 409;
  return codes.some((c) => c.endsWith('-unknown')) ? 404 : 400;
}

/** A refusal as problem+json (RFC 9457): what is wrong, at which field, and what would work. */
export function problemJson(refusals: readonly Refusal[]): Response {
  const problems = refusals.map(problem);
  const status = statusOf(refusals);
  const body = {
    type: 'about:blank',
    title: status === 409 ? 'Changed meanwhile' : status === 404 ? 'Not there' : 'Not possible like this',
    status,
    detail: problems.map((p) => `${p.says} ${p.wouldWork}`).join(' '),
    problems
  };
  return json(body, { status, headers: { 'content-type': 'application/problem+json' } });
}

/** The body of an API call; undefined when it is not JSON. */
export async function jsonBody(request: Request): Promise<unknown> {
  if (!request.headers.get('content-type')?.includes('application/json')) return undefined;
  try {
    return (await request.json()) as unknown;
  } catch {
    return undefined;
  }
}
