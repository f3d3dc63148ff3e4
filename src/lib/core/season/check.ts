import { checkBatches, checkCounter, checkHands } from './check-batches';
import { changedPoints } from './check-changes';
import { checkJars } from './check-jars';
import { checkRaw, checkStock } from './check-lots';
import type { FaultFound, Found } from './faults';
import type { SeasonInput, SeasonPlan } from './types';

/** What a plan comes to. */
export interface PlanFacts {
  readonly points: number;
  /** Raw that spoiled, and what was thrown out of the store, kg. */
  readonly lost: readonly { readonly cropId: string; readonly week: number; readonly kg: number }[];
  readonly thrownKg: number;
  readonly missed: readonly { readonly group: string; readonly week: number; readonly servings: number }[];
  readonly servings: number;
  /** By week. */
  readonly hours: readonly number[];
  readonly room: Readonly<Record<'counter' | 'cold' | 'cellar', readonly number[]>>;
  readonly jars: Readonly<Record<string, readonly number[]>>;
  /** Litres of bottles that are filled. */
  readonly bottles: readonly number[];
}

/**
 * Works a plan through week by week in plain arithmetic, the oldest first, and says what it may not do and what it comes to.
 * It shares no code with the model: a mistake in that shows here.
 */
export function checkPlan(
  input: SeasonInput,
  plan: SeasonPlan
): { readonly faults: readonly FaultFound[]; readonly facts: PlanFacts } {
  const faults: FaultFound[] = [];
  const found: Found = (fault, week, id) => void faults.push({ fault, week, id });
  checkBatches(input, plan, found);
  const hours = checkHands(input, plan, found);
  const counter = checkCounter(input, plan, found);
  const raw = checkRaw(input, plan, found);
  const stock = checkStock(input, plan, found);
  const jars = checkJars(input, plan, found);
  const missed = checkServed(input, plan, found);
  const facts: Omit<PlanFacts, 'points'> = {
    ...{ lost: raw, thrownKg: stock.thrownKg, missed: missed.missed, servings: missed.servings, hours, jars },
    ...{ room: { counter, ...stock.room }, bottles: stock.bottles }
  };
  return {
    faults,
    facts: { ...facts, points: pointsOf(input, plan, facts, missed.points, stock.leftServings) }
  };
}

/** Never more is served than is wanted; and what is missed, the first half of a week's wish at less. */
function checkServed(input: SeasonInput, plan: SeasonPlan, found: Found) {
  const missed: { group: string; week: number; servings: number }[] = [];
  const [first, second] = input.points.missed;
  let [points, servings] = [0, 0];
  for (const group of input.groups)
    input.weeks.forEach((_, week) => {
      const wanted = group.wanted[week] ?? 0;
      const got = plan.eaten.reduce((a, e) => {
        const style = input.styles.find((s) => s.id === e.styleId)!;
        return style.group === group.id && e.week === week ? a + e.kg * style.servingsPerKg : a;
      }, 0);
      if (got > wanted + 0.01) found('served', week, group.id);
      const short = Math.max(0, wanted - got);
      const cost = first * Math.min(short, wanted / 2) + second * Math.max(0, short - wanted / 2);
      points += (group.dear[week] ?? 1) * ((wanted * (first + second)) / 2 - cost);
      servings += got;
      if (short > 0.01) missed.push({ group: group.id, week, servings: short });
    });
  return { missed, points, servings };
}

function pointsOf(
  input: SeasonInput,
  plan: SeasonPlan,
  facts: Omit<PlanFacts, 'points'>,
  served: number,
  leftServings: number
): number {
  const { points, styles, crops, weeks } = input;
  const fresh = plan.fresh.reduce((a, f) => {
    const half = (crops.find((c) => c.id === f.cropId)?.fresh ?? 0) / 2;
    return a + points.fresh[0] * Math.min(f.kg, half) + points.fresh[1] * Math.max(0, f.kg - half);
  }, 0);
  const bought = plan.batches.reduce((a, b) => {
    const shares = styles.find((s) => s.id === b.styleId)?.shares ?? [];
    return a + b.uses.reduce((c, u) => c + u.kg * (shares.find((s) => s.cropId === u.cropId)?.cost ?? 0), 0);
  }, 0);
  const work = facts.hours.reduce((a, h, t) => {
    const easy = weeks[t]!.hours * weeks[t]!.easy;
    return a + points.hour * h + points.overtime * Math.max(0, h - easy);
  }, 0);
  const lost = facts.lost.reduce((a, l) => a + l.kg, 0);
  const made = new Set(plan.batches.map((b) => b.styleId)).size;
  return (
    served +
    fresh +
    points.made * made +
    points.left * leftServings -
    (bought +
      work +
      points.lost * lost +
      points.thrown * facts.thrownKg +
      points.batch * plan.batches.length) -
    changedPoints(input, plan.batches)
  );
}
