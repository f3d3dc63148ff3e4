import type { SeasonInput, StartIn } from './types';

/** What it costs that this is another plan than the one that was kept, points. */
export function changedPoints(
  { earlier, points }: Pick<SeasonInput, 'earlier' | 'points'>,
  batches: readonly StartIn[]
): number {
  const [soon, firm, later] = points.change;
  const [from, until] = [
    Math.min(Infinity, ...earlier.map((s) => s.week)),
    Math.max(-1, ...earlier.map((s) => s.week))
  ];
  const costs = (week: number) => (week >= 6 ? later : week >= 2 ? firm : soon);
  return [...new Set(earlier.map((s) => s.styleId).concat(batches.map((b) => b.styleId)))].reduce(
    (all, id) => {
      const was = earlier.filter((s) => s.styleId === id).map((s) => s.week);
      const is = batches.filter((b) => b.styleId === id).map((b) => b.week);
      const dropped = was.filter((w) => !is.includes(w)).map((week) => ({ week, cost: costs(week) }));
      const come = is
        .filter((w) => !was.includes(w))
        .map((week) => ({ week, cost: from <= week && week <= until ? costs(week) : 0 }));
      const sum = [...dropped, ...come].reduce((a, x) => a + x.cost, 0);
      return all + sum - (2 * movedBy(dropped, come)) / 3;
    },
    0
  );
}

interface Changed {
  readonly week: number;
  readonly cost: number;
}

/** The most that is only moved by a week: each that was dropped for one that came beside it, each once; week by week. */
function movedBy(dropped: readonly Changed[], come: readonly Changed[]): number {
  const at = (week: number) => come.find((c) => c.week === week);
  // The best so far where the last one went to no later week, and where it did.
  let [earlier, later, last] = [0, -Infinity, -Infinity];
  for (const { week, cost } of [...dropped].sort((a, b) => a.week - b.week)) {
    const [before, after] = [at(week - 1), at(week + 1)];
    const best = Math.max(earlier, later);
    // Two that lie two weeks apart may want the same one between them.
    const toBefore = before ? cost + before.cost + (last === week - 2 ? earlier : best) : -Infinity;
    [earlier, later, last] = [Math.max(best, toBefore), after ? cost + after.cost + best : -Infinity, week];
  }
  return Math.max(earlier, later);
}
