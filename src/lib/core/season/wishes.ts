import type { Day } from '../calendar/index';

/** So many servings of a kind wanted at some time: every week; in each week of a month, `MM`; or once, in the week of a Monday, beside all else. */
export interface WishAt {
  readonly styleId: string;
  /** Empty: every week. */
  readonly when: string;
  readonly servings: number;
  /** For whom; absent: for all of them together. What is wanted for some adds up. */
  readonly who?: string;
}

/** Example: `isMonth('07')`. */
export const isMonth = (when: string): boolean => /^(0[1-9]|1[0-2])$/.test(when);

/** The same with one of them said; none wanted is not kept. */
export function withWish(
  all: readonly WishAt[],
  { servings, ...wish }: Omit<WishAt, 'servings'> & { readonly servings: number | null }
): WishAt[] {
  const { styleId, when, who } = wish;
  const others = all.filter((w) => w.styleId !== styleId || w.when !== when || w.who !== who);
  return servings === null ? others : [...others, { ...wish, servings }];
}

/** All that was said of a kind and a time, for all and for each, together; `undefined`: nothing was. */
function together(all: readonly WishAt[], styleId: string, when: string): number | undefined {
  const of = all.filter((w) => w.styleId === styleId && w.when === when);
  return of.length > 0 ? of.reduce((a, w) => a + w.servings, 0) : undefined;
}

/** What is wanted in every week, said for all and for each; `undefined`: nothing was said. */
export const everyWeek = (
  forAll: number | undefined,
  all: readonly WishAt[],
  styleId: string
): number | undefined => {
  const forSome = together(all, styleId, '');
  return forAll === undefined && forSome === undefined ? undefined : (forAll ?? 0) + (forSome ?? 0);
};

/** What is wanted in a week of a Monday of a month of which something was said; `undefined`: nothing was. */
export const inMonth = (all: readonly WishAt[], styleId: string, monday: Day): number | undefined =>
  together(all, styleId, monday.slice(5, 7));

/** What is wanted once, in that very week. */
export const onceIn = (all: readonly WishAt[], styleId: string, monday: Day): number =>
  together(all, styleId, monday) ?? 0;
