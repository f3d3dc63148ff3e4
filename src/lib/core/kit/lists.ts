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

/** A portion said again; one that weighs nothing is forgotten. */
export const withPortion = <T extends { readonly id: string; readonly g: number }>(
  all: readonly T[],
  one: T
): T[] => withOne(all, one).filter((p) => p.g > 0);

/** The household's own spoon of a salt; one that weighs nothing is forgotten. */
export function withSpoon<T extends { readonly saltKindId: string; readonly g: number }>(
  before: readonly T[],
  one: T
): T[] {
  const others = before.filter((o) => o.saltKindId !== one.saltKindId);
  return one.g > 0 ? [...others, one] : others;
}
