import type { Day } from '../calendar/index';

/** So many servings of a kind wanted at some time: every week; in each week of a month, `MM`; or once, in the week of a Monday, beside all else. */
export interface WishAt {
  readonly styleId: string;
  /** Empty: every week. */
  readonly when: string;
  readonly servings: number;
  /** For whom, in place of that one's share; absent: for all of them together. */
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

/**
 * Servings of a kind that a household wants in the week of a Monday: what was said for all of them, of that month or of every
 * week, else what is usual; and in place of a named one's share what was said for that one.
 * @param usual servings a week of all of them, where nothing was said
 */
export function wantedIn(
  usual: number,
  all: readonly WishAt[],
  { styleId, monday, people }: { readonly styleId: string; readonly monday: Day; readonly people: number }
): number {
  const of = all.filter((w) => w.styleId === styleId);
  const said = (who: string | undefined) =>
    of.find((w) => w.who === who && w.when === monday.slice(5, 7)) ??
    of.find((w) => w.who === who && w.when === '');
  const named = [...new Set(of.flatMap((w) => w.who ?? []))].flatMap((who) => said(who) ?? []);
  const others = Math.max(0, people - named.length) / Math.max(1, people);
  return (said(undefined)?.servings ?? usual) * others + named.reduce((a, w) => a + w.servings, 0);
}

/** What is wanted once, in that very week. */
export const onceIn = (all: readonly WishAt[], styleId: string, monday: Day): number =>
  all.reduce((a, w) => (w.styleId === styleId && w.when === monday ? a + w.servings : a), 0);
