import type { Cut } from '../produce/index';
import { STYLES } from './data';
import type { Style } from './types';

/** Example: `style('pieces')?.salting` is `'brine'`. */
export function style(id: string): Style | undefined {
  return STYLES.find((s) => s.id === id);
}

/** The cut a crop gets in a style. Example: a pointed cabbage in pieces is a `'chunk'`. */
export function cutFor(s: Style, usual: Cut): Cut {
  return s.cuts.includes(usual) ? usual : (s.cuts[0] ?? usual);
}

/** The salinity a style starts from for these crops: the saltiest wish among them. Example: gherkins in pieces `0.03`. */
export function usualSaltFor(s: Style, cropIds: readonly string[]): number {
  return Math.max(s.usualSalt, ...cropIds.map((id) => s.cropSalt[id] ?? 0));
}
