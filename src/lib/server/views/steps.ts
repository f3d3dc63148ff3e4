/** The first of a long list, and how many stand behind them. */
export interface Stepped<T> {
  readonly shown: readonly T[];
  readonly more: number;
}

/** So many lines of a list are shown before somebody asks for all of it. */
export const STEP = 10;
/** So many jars of a place. */
export const JARS_STEP = 24;

/** The first so many of a list in its own order; where there are more, those that `first` puts first. */
export function steps<T>(all: readonly T[], most: number, first?: (a: T, b: T) => number): Stepped<T> {
  if (all.length <= most) return { shown: all, more: 0 };
  const chosen = new Set((first ? [...all].sort(first) : all).slice(0, most));
  return { shown: all.filter((x) => chosen.has(x)), more: all.length - most };
}
