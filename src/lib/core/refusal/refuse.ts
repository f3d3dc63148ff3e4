import type { RefusalCode } from './codes';
import type { FieldName } from './fields';

/**
 * A refusal is data: what could not be done, at which field, with the values a sentence needs.
 * The sentence itself is worded once, in `words/problems.ts`. A bug throws; a refusal is returned.
 */
export interface Refusal {
  readonly code: RefusalCode;
  readonly field?: FieldName;
  readonly values?: Readonly<Record<string, string | number>>;
}

/** Not done, and why. */
export interface Refused {
  readonly ok: false;
  readonly refusal: Refusal;
}

export type Outcome<T> = { readonly ok: true; readonly value: T } | Refused;

/** Wraps a good answer. Example: `done(3)` is `{ ok: true, value: 3 }`. */
export function done<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/** Wraps a refusal. Example: `refuse('missing', { field: 'weight' }).refusal.code` is `'missing'`. */
export function refuse(
  code: RefusalCode,
  more: { field?: FieldName; values?: Record<string, string | number> } = {}
): Refused {
  return { ok: false, refusal: { code, ...more } };
}
