import { writeSalt } from '$lib/core/quantity';
import type { Spoonful } from '$lib/core/salt';
import type { SaltPart } from '$lib/core/worksheet';

const quarter = (n: number): string => {
  const whole = Math.floor(n);
  const part = { 0: '', 0.25: '¼', 0.5: '½', 0.75: '¾' }[n - whole] ?? '';
  return `${whole > 0 ? whole : ''}${part}` || '0';
};

/** Level spoons as a hand takes them. Example: 6.75 teaspoons are "2 tbsp + ¾ tsp". */
export const spoonWords = (s: Pick<Spoonful, 'tbsp' | 'restTsp'>): string =>
  [s.tbsp > 0 ? `${s.tbsp} tbsp` : '', s.restTsp > 0 ? `${quarter(s.restTsp)} tsp` : '']
    .filter(Boolean)
    .join(' + ') || 'a pinch';

/** One part of the salt by where it is weighed out. Example: "26 g rubbed in dry". */
export function partWords(p: SaltPart): string {
  const g = writeSalt(p.weighG);
  if (p.where === 'bowl') return `${g} rubbed in dry`;
  if (p.where === 'brine') return `${g} stirred into the brine`;
  return p.places === 1 ? `${g} into the jar` : `${g} in all, into ${p.places} jars as their cards say`;
}
