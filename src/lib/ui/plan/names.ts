import type { Household } from '$lib/core/kit';
import { mondayAhead, type StartAt, type StartIn } from '$lib/core/season';
import { stylesIn } from '$lib/core/style';

/** What a household calls its styles and jars, by their ids. */
export function styleNames({ styles }: Pick<Household, 'styles'>): (id: string) => string {
  const all = stylesIn(styles);
  return (id) => all.find((s) => s.id === id)?.name ?? id;
}
export const jarNames =
  ({ jars }: Pick<Household, 'jars'>) =>
  (id: string): string =>
    // A figure stays with its unit.
    (jars.find((j) => j.id === id)?.name ?? id).replace(/(\d) (ml|l)\b/g, '$1\u00a0$2');

/** Whether a start of a plan is one that was held to by hand. */
export const isHeld = (held: readonly StartAt[], { styleId, week }: StartIn, today: string): boolean =>
  held.some((h) => h.styleId === styleId && h.monday === mondayAhead(today, week));
