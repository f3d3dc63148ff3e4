import type { Entry } from './lp';
import type { Laying } from './model-types';
import { isAmong } from './options';

/** A start that is only moved by a week gives back so much of what it costs to drop the one and begin the other. */
const GIVES_BACK = 2 / 3;

/** Up to these weeks a change costs so much. */
const SOON = 2;
const FIRM = 6;

/**
 * Another plan than the one that was kept: a start of it that is dropped costs something, and a new one between its first and
 * its last start; a start moved by a week a third of both. Source: the model of the season's plan, §7; that kilos may drift is
 * left out.
 */
export function changeRows({ input, to, starts }: Laying): void {
  const { earlier, points } = input;
  if (earlier.length === 0) return;
  const [from, until] = [Math.min(...earlier.map((s) => s.week)), Math.max(...earlier.map((s) => s.week))];
  const cost = (week: number) => points.change[week < SOON ? 0 : week < FIRM ? 1 : 2];
  const isNew = (styleId: string, week: number) =>
    from <= week && week <= until && !isAmong(earlier, styleId, week);
  const instead = new Map<number, Entry[]>();
  for (const { styleId, week } of earlier) {
    const madeIn = (at: number) =>
      starts.find((s) => s.option.style.id === styleId && s.option.week === at)?.made;
    const own = madeIn(week);
    to.offset -= cost(week);
    if (own !== undefined) to.costs(own, cost(week));
    const moved = [week - 1, week + 1].flatMap((at): Entry[] => {
      const made = madeIn(at);
      if (made === undefined || isAmong(earlier, styleId, at)) return [];
      const column = to.column(GIVES_BACK * (cost(week) + (isNew(styleId, at) ? cost(at) : 0)), 1);
      instead.set(made, [...(instead.get(made) ?? []), [column, 1]]);
      return [[column, 1]];
    });
    if (moved.length > 0) to.most([...moved, ...(own === undefined ? [] : [[own, 1] as const])], 1);
  }
  for (const [made, moved] of instead) to.most([...moved, [made, -1]], 0);
  for (const { made, option } of starts)
    if (isNew(option.style.id, option.week)) to.costs(made, -cost(option.week));
}
