import type { Course, StyleSour } from './types';
import { GasState, type GasVessel } from './gas';

/** When a clamped lid wants opening, hours from the start; the highest pressure met, bar; and hours over the limit. */
export interface BurpPlan {
  readonly at: readonly number[];
  readonly top: number;
  readonly over: readonly number[];
}

/** Pressure a clamped jar may come to, bar: usual and most. Set; the trade opens twice a day in the first days all the same. */
export const LIMIT = { usual: 0.3, most: 0.5 };

/**
 * The openings of a clamped lid among the hours at which somebody is up: opened where it would pass the limit before the
 * next of them.
 *
 * @param isUp whether somebody is up at an hour from the start
 */
export function burpPlan(
  course: Course,
  tempC: readonly number[],
  vessel: GasVessel,
  style: Pick<StyleSour, 'holdHours' | 'air'>,
  isUp: (hour: number) => boolean,
  limit = LIMIT.usual
): BurpPlan {
  const state = new GasState(vessel, style, tempC[0]!);
  const h = course.stepHours;
  const n = course.made.length;
  const [at, over]: [number[], number[]] = [[], []];
  let top = 0;
  for (let i = 0; i < n; i++) {
    if (isUp(i * h) && passes(state, i)) {
      state.open(tempC[i]!);
      at.push(i * h);
    }
    state.step(course.made[i]!, tempC[i]!, h);
    top = Math.max(top, state.pressure);
    if (state.pressure > limit) over.push(i * h);
  }
  return { at, top, over };

  /** Whether it would pass the limit before somebody is up again. */
  function passes(from: GasState, i: number): boolean {
    const ahead = from.fork();
    for (let j = i; j < n; j++) {
      if (j > i && isUp(j * h)) return false;
      ahead.step(course.made[j]!, tempC[j]!, h);
      if (ahead.pressure > limit) return true;
    }
    return false;
  }
}
