/** The first of a long list, and how many stand behind them. */
export interface Stepped<T> {
  readonly shown: readonly T[];
  readonly more: number;
}

/** A list up to so long is shown whole; of a longer one a few, before somebody asks for all of it. */
export interface Step {
  readonly whole: number;
  readonly few: number;
}
/** Lines of a list. */
export const STEP: Step = { whole: 10, few: 6 };
/** Jars of a place. */
export const JARS_STEP: Step = { whole: 24, few: 16 };
/** All of it was asked for. */
export const ALL: Step = { whole: Infinity, few: Infinity };

/** A list in its own order: whole, or where it is too long for that the few that `first` puts first. */
export function steps<T>(
  all: readonly T[],
  { whole, few }: Step,
  first?: (a: T, b: T) => number
): Stepped<T> {
  if (all.length <= whole) return { shown: all, more: 0 };
  const chosen = new Set((first ? [...all].sort(first) : all).slice(0, few));
  return { shown: all.filter((x) => chosen.has(x)), more: all.length - few };
}
