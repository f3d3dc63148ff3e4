import type { WallMinute } from '../calendar/index';

/** One that is known already stands where it stood, a new one last. */
export function withOne<T extends { readonly id: string }>(all: readonly T[], one: T): T[] {
  return all.some((x) => x.id === one.id) ? all.map((x) => (x.id === one.id ? one : x)) : [...all, one];
}

/** Each of them was washed then. */
export const washed = (
  before: Readonly<Record<string, WallMinute>>,
  ids: readonly string[],
  at: WallMinute
): Record<string, WallMinute> => ({ ...before, ...Object.fromEntries(ids.map((id) => [id, at])) });
