import type { Entry } from './lp';
import type { Model, StartColumns, StockColumns } from './model-types';
import type { JarsInUse, Meal, PlannedBatch, SeasonInput, SeasonPlan } from './types';

/** Less is nothing: a solver's dust, kg or jars. */
const DUST = 1e-5;

/** The plan that a solution of a model in single weeks says. */
export function planOf({ firmWeeks }: SeasonInput, model: Model, x: ArrayLike<number>): SeasonPlan {
  const at = (column: number): number => Math.max(0, x[column] ?? 0);
  const whole = (n: number, week: number) => (week < firmWeeks ? Math.round(n) : n);
  return {
    batches: model.starts.filter((s) => at(s.kg) > DUST).map((s) => batchOf(s, at, whole)),
    fresh: model.fresh
      .map(({ cropId, week, columns }) => ({ cropId, week, kg: columns.reduce((a, c) => a + at(c), 0) }))
      .filter((f) => f.kg > DUST),
    eaten: model.stock.flatMap((s) => mealsOf(s, s.eaten, at)),
    thrown: model.stock.flatMap((s) => mealsOf(s, s.thrown, at)),
    back: model.back
      .map(({ styleId, sizeId, week, column }) => ({ styleId, sizeId, week, n: whole(at(column), week) }))
      .filter((b) => b.n > DUST)
  };
}

function batchOf(
  s: StartColumns,
  at: (column: number) => number,
  whole: (n: number, week: number) => number
): PlannedBatch {
  const { style, week, ends } = s.option;
  const jars: JarsInUse[] = s.jars
    .map(({ sizeId, column }) => ({ sizeId, n: whole(at(column), week) }))
    .filter((j) => j.n > DUST);
  return {
    ...{ styleId: style.id, week, jars, kg: at(s.kg) },
    ends: ends
      .map(({ place, week: leaves }, i) => ({ place, week: leaves, kg: at(s.ends[i]!) }))
      .filter((e) => e.kg > DUST),
    uses: style.shares.map(({ cropId }, i) => ({ cropId, kg: at(s.uses[i]!) })).filter((u) => u.kg > DUST)
  };
}

const mealsOf = (
  { styleId, place, from }: StockColumns,
  columns: readonly number[],
  at: (column: number) => number
): Meal[] =>
  columns.map((column, i) => ({ styleId, place, week: from + i, kg: at(column) })).filter((m) => m.kg > DUST);

/** What of a plan is whole, in a model's columns: starts, and the jars of the firm weeks. */
export function wholeIn({ firmWeeks }: SeasonInput, model: Model, plan: SeasonPlan): Entry[] {
  const starts = model.starts.flatMap(({ option: { style, week }, made, jars }): Entry[] => {
    const batch = plan.batches.find((b) => b.styleId === style.id && b.week === week);
    const n = (sizeId: string) => batch?.jars.find((j) => j.sizeId === sizeId)?.n ?? 0;
    const whole = week < firmWeeks ? jars.map((j): Entry => [j.column, n(j.sizeId)]) : [];
    return [[made, batch ? 1 : 0], ...whole];
  });
  const back = model.back
    .filter((b) => b.week < firmWeeks)
    .map(({ styleId, sizeId, week, column }): Entry => {
      const same = plan.back.find((b) => b.styleId === styleId && b.sizeId === sizeId && b.week === week);
      return [column, same?.n ?? 0];
    });
  return [...starts, ...back];
}
