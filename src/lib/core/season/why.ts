import type { PlanFacts } from './check';
import type { LpSolver } from './lp';
import { startOptions } from './options';
import type { PlannedBatch, SeasonInput, SeasonPlan } from './types';
import { carriedOut } from './whole';

/** What a season comes to without something, against with it: kg that rot more, servings missed more, and the first week of those. */
export interface Worth {
  readonly points: number;
  readonly rotsKg: number;
  readonly missed: number;
  readonly missedFrom: number | null;
}

const lostOf = (f: PlanFacts): number => f.thrownKg + f.lost.reduce((a, l) => a + l.kg, 0);

/** A week in which so many servings more are missed is one that misses them. */
const MISSES = 0.5;

/** How much worse one is than the other. */
export function worthOf(with_: PlanFacts, without: PlanFacts): Worth {
  const by = (f: PlanFacts) => {
    const weeks = new Map<number, number>();
    for (const m of f.missed) weeks.set(m.week, (weeks.get(m.week) ?? 0) + m.servings);
    return weeks;
  };
  const [a, b] = [by(with_), by(without)];
  const more = [...b].filter(([week, n]) => n - (a.get(week) ?? 0) > MISSES).map(([week]) => week);
  return {
    points: with_.points - without.points,
    rotsKg: lostOf(without) - lostOf(with_),
    missed: with_.servings - without.servings,
    missedFrom: more.length > 0 ? Math.min(...more) : null
  };
}

const sizesAndMeals = { seconds: 0, gap: 0 };
const startsOf = (input: SeasonInput, plan: SeasonPlan, but?: PlannedBatch) =>
  startOptions(input).filter((o) =>
    plan.batches.some((b) => b !== but && b.styleId === o.style.id && b.week === o.week)
  );

/** Why a batch: all other starts held, what is lost without it. Null: it could not be said. */
export function whyBatch(
  input: SeasonInput,
  solver: LpSolver,
  plan: SeasonPlan,
  batch: PlannedBatch
): Worth | null {
  const with_ = carriedOut(input, solver, startsOf(input, plan), sizesAndMeals);
  const without = carriedOut(input, solver, startsOf(input, plan, batch), sizesAndMeals);
  return with_ && without ? worthOf(with_.facts, without.facts) : null;
}

/** Something of which there might be a little more: a jar of a size, room in a place, bottles, an hour or water in every week. */
export type OneMore =
  | { readonly is: 'jar'; readonly sizeId: string }
  | { readonly is: 'room'; readonly place: keyof PlanFacts['room'] }
  | { readonly is: 'hour' | 'water' | 'bottles' };

/** So much more of each: litres of shelf, hours, litres of water, litres of bottles. */
export const ONE_MORE = { room: 10, hour: 1, water: 5, bottles: 1 } as const;

/** As full as this is full. */
const FULL = 0.98;

/** What a plan uses up in some week: of what else a little more might bring something. */
export function usedUp(input: SeasonInput, plan: SeasonPlan, facts: PlanFacts): OneMore[] {
  const isFull = (used: readonly number[], most: (week: SeasonInput['weeks'][number]) => number) =>
    input.weeks.some((w, t) => most(w) > 0 && (used[t] ?? 0) >= FULL * most(w));
  const water = input.weeks.map((_, t) =>
    plan.batches.reduce((a, b) => {
      const style = input.styles.find((s) => s.id === b.styleId);
      return b.week === t ? a + b.kg * (style?.waterPerKg ?? 0) : a;
    }, 0)
  );
  return [
    ...input.sizes
      .filter((j) => Math.max(0, ...(facts.jars[j.id] ?? [])) >= j.owned - 0.5)
      .map((j): OneMore => ({ is: 'jar', sizeId: j.id })),
    ...(['counter', 'cold', 'cellar'] as const)
      .filter((place) => isFull(facts.room[place], (w) => w[place]))
      .map((place): OneMore => ({ is: 'room', place })),
    ...(isFull(facts.hours, (w) => w.hours) ? [{ is: 'hour' } as const] : []),
    ...(isFull(water, (w) => w.water) ? [{ is: 'water' } as const] : []),
    ...(isFull(facts.bottles, () => input.bottles) ? [{ is: 'bottles' } as const] : [])
  ];
}

/** The season with a little more of it. */
function withOneMore(input: SeasonInput, what: OneMore): SeasonInput {
  const weeks = (more: (w: SeasonInput['weeks'][number]) => Partial<SeasonInput['weeks'][number]>) => ({
    ...input,
    weeks: input.weeks.map((w) => ({ ...w, ...more(w) }))
  });
  switch (what.is) {
    case 'jar':
      return {
        ...input,
        sizes: input.sizes.map((j) => (j.id === what.sizeId ? { ...j, owned: j.owned + 1 } : j))
      };
    case 'room':
      // A place that is shut stays shut.
      return weeks((w) => ({ [what.place]: w[what.place] > 0 ? w[what.place] + ONE_MORE.room : 0 }));
    case 'hour':
      return weeks((w) => ({ hours: w.hours + ONE_MORE.hour }));
    case 'water':
      return weeks((w) => ({ water: w.water + ONE_MORE.water }));
    case 'bottles':
      return { ...input, bottles: input.bottles + ONE_MORE.bottles };
  }
}

/** What a little more of something would bring at least: all starts held. */
export function oneMore(input: SeasonInput, solver: LpSolver, plan: SeasonPlan, what: OneMore): Worth | null {
  const other = withOneMore(input, what);
  const now = carriedOut(input, solver, startsOf(input, plan), sizesAndMeals);
  const more = carriedOut(other, solver, startsOf(other, plan), sizesAndMeals);
  return now && more ? worthOf(more.facts, now.facts) : null;
}
