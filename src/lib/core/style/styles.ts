import { likeOf, type Crop, type Cut } from '../produce/index';
import { STYLES } from './data';
import { styleLike } from './own';
import type { Salting, Style } from './types';

/** The table's row of a style, or of the one that an own style is a way of making. Example: `style('pieces')?.salting` is `'brine'`. */
export function style(id: string): Style | undefined {
  return STYLES.find((s) => s.id === styleLike(id));
}

/** The cut a crop gets in a style. Example: a pointed cabbage in pieces is a `'chunk'`, in leaf kimchi a `'leaf'`. */
export function cutFor(s: Style, c: Pick<Crop, 'id' | 'pack'>): Cut {
  if (s.ownCut) return s.ownCut.like;
  return s.cropCut?.[likeOf(c.id)] ?? (s.cuts.includes(c.pack) ? c.pack : (s.cuts[0] ?? c.pack));
}

/** The salinity a style starts from for these crops: the saltiest wish among them. Example: gherkins in pieces `0.03`. */
export function usualSaltFor(s: Style, cropIds: readonly string[]): number {
  return Math.max(s.usualSalt, ...cropIds.map((id) => s.cropSalt[likeOf(id)] ?? 0));
}

/** How salt may get in, the usual way first. Example: a slaw is `['dry', 'brine']`. */
export const saltings = (s: Style): readonly Salting[] => [s.salting, ...s.alsoSalting];

/** The steps that hold for one way of salting. */
export const stepsFor = (s: Style, salting: Salting) =>
  s.steps.filter((step) => step.only === undefined || step.only === salting);
