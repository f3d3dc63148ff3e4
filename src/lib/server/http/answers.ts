import { fail, json, type ActionFailure } from '@sveltejs/kit';
import type { WrittenUnits } from '../../core/quantity';
import type { Refusal, RefusalCode } from '../../core/refusal';
import { COMMANDS, DOOR_COMMANDS, type Answer, type FormName } from '../../schema/commands';
import { problem, type Problem } from '../../words';
import { household } from '../repos';
import type { House } from '../usecases';

/** What a form gets back: what is said of it, its answer, and the command to undo it by. */
export interface FormDone {
  readonly said: string;
  readonly commandId: string;
  readonly answer: unknown;
}

/** What was done, in the household's units. */
export async function formDone<N extends FormName>(
  house: House,
  name: N,
  input: Readonly<Record<string, unknown>>,
  answer: Answer<N>
): Promise<FormDone> {
  const { units } = await household(house.db);
  const said = { ...COMMANDS, ...DOOR_COMMANDS }[name].said as (a: unknown, u: WrittenUnits) => string;
  return { said: said(answer, units), commandId: String(input.commandId), answer };
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

/** Somebody else, or something that happened since, stands in the way. */
const CONFLICTS: ReadonlySet<RefusalCode> = new Set<RefusalCode>([
  'changed-meanwhile',
  'already-answered',
  'changed-since',
  'bench-changed',
  'command-taken',
  'command-said-otherwise',
  'discard-first'
]);

/** Who asks, or how, is what stands in the way. */
const STATUS: Partial<Record<RefusalCode, number>> = {
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
const NOT_NOW: ReadonlySet<RefusalCode> = new Set<RefusalCode>(['disk-full', 'disk-refuses', 'house-busy']);

/** Conflicts are 409, unknown things 404, the rest 400 unless the table above says more. */
export function statusOf(refusals: readonly Refusal[]): number {
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

/** A table as a file that a spreadsheet opens. */
export const csvAnswer = (csv: string): Response =>
  new Response(csv, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="grams.csv"',
      'cache-control': 'no-store'
    }
  });
