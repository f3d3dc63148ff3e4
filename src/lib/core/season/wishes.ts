import type { Day } from '../calendar/index';

/** So many servings of a kind wanted at some time: in each week of a month, `MM`; or once, in the week of a Monday, beside all else. */
export interface WishAt {
  readonly styleId: string;
  readonly when: string;
  readonly servings: number;
}

/** Example: `isMonth('07')`. */
export const isMonth = (when: string): boolean => /^(0[1-9]|1[0-2])$/.test(when);

/** The same with one of them said; none wanted is not kept. */
export function withWish(
  all: readonly WishAt[],
  { styleId, when, servings }: Omit<WishAt, 'servings'> & { readonly servings: number | null }
): WishAt[] {
  const others = all.filter((w) => w.styleId !== styleId || w.when !== when);
  return servings === null ? others : [...others, { styleId, when, servings }];
}

/** What is wanted in a week of a Monday of a month of which something was said; `undefined`: nothing was. */
export const inMonth = (all: readonly WishAt[], styleId: string, monday: Day): number | undefined =>
  all.find((w) => w.styleId === styleId && w.when === monday.slice(5, 7))?.servings;

/** What is wanted once, in that very week. */
export const onceIn = (all: readonly WishAt[], styleId: string, monday: Day): number =>
  all.reduce((a, w) => (w.styleId === styleId && w.when === monday ? a + w.servings : a), 0);
