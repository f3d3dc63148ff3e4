import type { LidLabel } from '../core/batch';
import { writePercent } from '../core/quantity';
import { dayAndYear, shortDay } from './dates';

/** What stands on a lid's label under its name, line by line; what some must not eat stands out. */
export function labelLines(l: LidLabel): { readonly text: string; readonly strong: boolean }[] {
  const salt = l.salinity === null ? 'salt not known' : `${writePercent(l.salinity)} salt`;
  const right = l.putRightAt === null ? '' : `, put right ${dayAndYear(l.putRightAt)}`;
  return [
    `made ${dayAndYear(l.madeAt)}`,
    salt + right,
    ...(l.eatFrom === null ? [] : [`taste from ${shortDay(l.eatFrom)}`]),
    ...(l.bestTill === null ? [] : [`best till ${dayAndYear(l.bestTill)}`])
  ]
    .map((text) => ({ text, strong: false }))
    .concat(l.allergens.length > 0 ? [{ text: `contains ${l.allergens.join(', ')}`, strong: true }] : []);
}

/** The same for chalk or a pen, on one line. Example: `52 · Kohlrabi sticks · 8 Sep · 2.4 %`. */
export const chalkText = (l: LidLabel): string =>
  [l.lidNumber, l.name, shortDay(l.madeAt), ...(l.salinity === null ? [] : [writePercent(l.salinity)])]
    .concat(l.allergens.length > 0 ? [`contains ${l.allergens.join(', ')}`] : [])
    .join(' · ');
