import type { Day } from '../calendar/index';
import { cropsOf, type Household } from '../kit/index';
import { crop } from '../produce/index';
import { styleLike, stylesIn } from '../style/index';
import type { SaidAround } from './said';

/** What of a household a plan may speak of on a day, and what its styles are called. */
export function saidAround(
  house: Household,
  today: Day
): SaidAround & { readonly name: (styleId: string) => string } {
  const styles = stylesIn(house.styles);
  // The plan reckons by the shipped styles; a household's own way is chosen on the Bench.
  const planned = new Set(styles.map((s) => styleLike(s.id)));
  const crops = cropsOf(house);
  const knows = {
    style: (id: string) => planned.has(id),
    crop: (id: string) => crop(id, crops) !== undefined,
    jar: (id: string) => house.jars.some((j) => j.id === id)
  };
  return {
    today,
    knows: (what, id) => knows[what](id),
    name: (id) => styles.find((s) => s.id === id)?.name ?? id
  };
}
