import { TOLERANCE, type Found } from './faults';
import type { JarsInUse, SeasonInput, SeasonPlan } from './types';

const count = (jars: readonly JarsInUse[], sizeId: string): number =>
  jars.reduce((a, j) => (j.sizeId === sizeId ? a + j.n : a), 0);

/** Jars of each size in use, week by week, up to the last start; and that none comes back that was not eaten empty. */
export function checkJars(input: SeasonInput, plan: SeasonPlan, found: Found): Record<string, number[]> {
  const lastStart = Math.max(-1, ...plan.batches.map((b) => b.week));
  const bottled = (styleId: string) => input.styles.some((s) => s.id === styleId && s.bottled);
  checkBack(input, plan, found);
  return Object.fromEntries(
    input.sizes.map(({ id, owned }) => {
      const begun = [...input.standing, ...input.stored].reduce((a, s) => a + count(s.jars, id), 0);
      const use = input.weeks.map((_, t) => {
        let n = begun;
        for (const b of plan.batches) {
          if (b.week <= t) n += count(b.jars, id);
          if (bottled(b.styleId) && Math.min(...b.ends.map((e) => e.week)) <= t) n -= count(b.jars, id);
        }
        for (const s of input.standing) if (bottled(s.styleId) && s.ready <= t) n -= count(s.jars, id);
        for (const r of plan.back) if (r.sizeId === id && r.week < t) n -= r.n;
        if (t <= lastStart && n > Math.max(owned, begun) + TOLERANCE.other) found('jars', t, id);
        return n;
      });
      return [id, use];
    })
  );
}

/** What was given back by the end of a week was ready by then, and its full content eaten. */
function checkBack(input: SeasonInput, plan: SeasonPlan, found: Found): void {
  for (const style of input.styles) {
    const back = plan.back.filter((r) => r.styleId === style.id);
    for (const { week, n, sizeId } of back) {
      if (week < input.firmWeeks && Math.abs(n - Math.round(n)) > 1e-6) found('half-jar', week, sizeId);
      const by = back.filter((r) => r.week <= week);
      const kg = by.reduce(
        (a, r) => a + r.n * style.kgPerLitre * (input.sizes.find((j) => j.id === r.sizeId)?.litres ?? 0),
        0
      );
      const eaten = plan.eaten.reduce((a, e) => (e.styleId === style.id && e.week <= week ? a + e.kg : a), 0);
      const ready = [
        ...input.stored.filter((s) => s.styleId === style.id),
        ...input.standing.filter((s) => s.styleId === style.id && s.ready <= week),
        ...plan.batches.filter(
          (b) => b.styleId === style.id && Math.min(...b.ends.map((e) => e.week)) <= week
        )
      ].reduce((a, s) => a + count(s.jars, sizeId), 0);
      const given = by.reduce((a, r) => (r.sizeId === sizeId ? a + r.n : a), 0);
      const full = (input.opened[style.id] ?? 0) + eaten;
      if (style.bottled || kg > full + TOLERANCE.stock || given > ready + TOLERANCE.other)
        found('back', week, style.id);
    }
  }
}
