import { fail, json, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import type { Refusal } from '../../core/refusal';
import { problem, type Problem } from '../../schema/words';
import type { UseCase } from '../usecases';
import { formBody } from './bodies';

/** What a form gets back: done, with the command to undo it by; or problems, with what was filled in. */
export interface FormDone {
  readonly done: string;
  readonly commandId: string;
  readonly answer: unknown;
}

/** What is never sent back, whatever came in with it. */
const SECRETS = new Set(['passphrase', 'current', 'code']);
const withoutSecrets = (input: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(input).filter(([name]) => !SECRETS.has(name)));

/** What a form gets back when it was refused: beside each field what is amiss, and all that was filled in but secrets. */
export const refused = (
  refusals: readonly Refusal[],
  input: Record<string, unknown> = {}
): ActionFailure<{ problems: Problem[]; filledIn: Record<string, unknown> }> =>
  fail(statusOf(refusals), { problems: refusals.map(problem), filledIn: withoutSecrets(input) });

/** A form action that runs a use case. Refusals come back beside the fields they are about. */
export function action<T>(useCase: UseCase<T>) {
  return async (
    event: Pick<RequestEvent, 'request' | 'locals'>
  ): Promise<FormDone | ReturnType<typeof refused>> => {
    const form = await formBody(event.request);
    if (!form.ok) return refused([form.refusal]);
    const result = await useCase(event.locals.house, form.value);
    if (!result.ok) return refused(result.refusals, form.value);
    return { done: useCase.name, commandId: String(form.value.commandId), answer: result.value };
  };
}

/** Somebody else, or something that happened since, stands in the way. */
const CONFLICTS = new Set([
  'changed-meanwhile',
  'already-answered',
  'changed-since',
  'bench-changed',
  'command-taken',
  'command-said-otherwise',
  'discard-first'
]);

/** Who asks, or how, is what stands in the way. */
const STATUS: Readonly<Record<string, number>> = {
  'signed-out': 401,
  'token-unknown': 401,
  'passphrase-wrong': 401,
  'code-wrong': 401,
  'from-elsewhere': 403,
  'guest-looks-on': 403,
  'keys-not-yours': 403,
  'too-large': 413,
  'too-many-tries': 429,
  'too-many-listen': 503
};

/** The house cannot store anything just now. */
const NOT_NOW = new Set(['disk-full', 'disk-refuses', 'house-busy']);

/** Conflicts are 409, unknown things 404, the rest 400 unless the table above says more. */
function statusOf(refusals: readonly Refusal[]): number {
  const codes = refusals.map((r) => r.code);
  if (codes.some((c) => NOT_NOW.has(c))) return 503;
  if (codes.some((c) => CONFLICTS.has(c))) return 409;
  const [named] = codes.flatMap((c) => STATUS[c] ?? []);
  if (named) return named;
  return codes.some((c) => c.endsWith('-unknown')) ? 404 : 400;
}

const TITLES: Readonly<Record<number, string>> = {
  401: 'Sign in first',
  403: 'Not for you',
  404: 'Not there',
  409: 'Changed meanwhile',
  413: 'Too large',
  429: 'Too many tries',
  503: 'Not now'
};

/** A refusal as problem+json (RFC 9457): what is wrong, at which field, and what would work. */
export function problemJson(refusals: readonly Refusal[]): Response {
  const problems = refusals.map(problem);
  const status = statusOf(refusals);
  const body = {
    type: 'about:blank',
    title: TITLES[status] ?? 'Not possible like this',
    status,
    detail: problems.map((p) => `${p.says} ${p.wouldWork}`).join(' '),
    problems
  };
  const wait = refusals.find((r) => r.values?.wait)?.values?.wait;
  return json(body, {
    status,
    headers: {
      'content-type': 'application/problem+json',
      ...(wait === undefined ? {} : { 'retry-after': String(wait) }),
      ...(status === 401 ? { 'www-authenticate': 'Bearer' } : {})
    }
  });
}
