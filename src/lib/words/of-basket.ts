import type { QuickAnswers, QuickStart } from '../core/season';
import { roughly, type PlanWays } from './of-plan';

const servings = (n: number): string => `${Math.round(n)} serving${Math.round(n) === 1 ? '' : 's'}`;
/** Less is not spoken of, kg. */
const LITTLE_KG = 0.05;

/** What a start leads to. Example: "About 46 servings, 40 of them not on the table yet. In the cold from the week of 5 Oct." */
export function startNowSays({ batch, servings: n, wanted, leavesKg }: QuickStart, ways: PlanWays): string {
  const [all, of] = [Math.round(n), Math.round(wanted)];
  const open =
    of >= all ? 'all of them wanted' : of === 0 ? 'more than is wanted of it' : `${of} of them wanted`;
  const ready = Math.min(...batch.ends.map((e) => e.week));
  const place = batch.ends.find((e) => e.week === ready)?.place ?? 'cold';
  const left = leavesKg > LITTLE_KG ? ` ${mass(leavesKg, ways)} of it is left over.` : '';
  return `About ${servings(n)}, ${open}. In the ${place} from the week of ${ways.week(ready)}.${left}`;
}

/** How long it may wait, and what that costs. */
export function waitsSays({ until, turnsKg }: QuickAnswers['waits'], ways: PlanWays): string {
  if (turnsKg > LITTLE_KG) return `A week on, about ${mass(turnsKg, ways)} of it has turned.`;
  return until === 0
    ? 'What is not eaten this week turns.'
    : `It keeps till the week of ${ways.week(until)}; nothing turns before.`;
}

/** How much of it one eats as it is. */
export function freshSays({ kg, leavesKg }: QuickAnswers['eaten'], ways: PlanWays): string {
  const left = leavesKg > LITTLE_KG ? ` ${mass(leavesKg, ways)} is left over.` : ' Nothing is left over.';
  return `About ${mass(kg, ways)} while it keeps.${left}`;
}

const mass = (kg: number, { mass: write }: PlanWays): string => write(roughly(kg * 1000));
