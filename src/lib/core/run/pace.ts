import { dayOfWall, type Day } from '../calendar/index';
import { learn, type Learned } from '../learn/index';
import { style, STYLES, type StepDoes } from '../style/index';
import type { Worksheet } from '../worksheet/index';
import type { Made, Run } from './run';
import type { RunStep } from './types';

/** So much of it is of one crop: then it is that crop's. Our judgement. */
const MOSTLY = 0.8;

/** What goes in by a worksheet, and of which crop it mostly is. */
export function madeOf({ items, packedG }: Worksheet): Made {
  const all = items.reduce((a, i) => a + i.prepared.mean, 0);
  const most = items
    .map((i) => i.cropId)
    .find((id) => items.reduce((a, i) => a + (i.cropId === id ? i.prepared.mean : 0), 0) >= MOSTLY * all);
  return { g: packedG, cropId: most ?? null };
}

/** What a making teaches: hands' minutes per kilo of what a step does, with what it was done to. */
export interface TaughtByRun {
  readonly day: Day;
  readonly paces: readonly { readonly key: string; readonly minutesPerKg: number }[];
}

/** The table's minutes per kilo of what a step does; null: nothing that goes by the kilo. */
export const tablePace = (does: StepDoes): number | null =>
  STYLES.flatMap((s) => s.steps).find((s) => s.does === does)?.minutesPerKg || null;

/** By what a step does, and to which crop; mixed: by what it does alone. Example: `cut-even:kohlrabi`. */
export const paceKey = (does: StepDoes, cropId: string | null): string =>
  cropId ? `${does}:${cropId}` : does;

/**
 * So many times shorter or longer than the table is no work of hands: it was tapped through at the end, or somebody was called
 * away. Our judgement.
 */
const FAR = 4;
/** A clock that counts minutes knows nothing shorter. */
const LEAST_MINUTES = 2;

/**
 * What a closed making teaches: each step from where the hands came to it till it was done. What was put off meanwhile, or
 * comes straight after a rest, is left out: nobody knows when hands took it up.
 */
export function taughtByRun(run: Run): TaughtByRun[] {
  const { became } = run;
  if (!became?.made || became.made.g <= 0) return [];
  const { g, cropId } = became.made;
  const steps = style(run.styleId)?.steps ?? [];
  const paces = steps.flatMap(({ id, does }) => {
    const took = run.took[id];
    const table = tablePace(does);
    const rested = steps.some((s) => s.id === took?.after && s.rest !== undefined);
    if (!took || !table || rested || took.minutes < LEAST_MINUTES) return [];
    const minutesPerKg = (took.minutes * 1000) / g;
    const far = Math.max(minutesPerKg / table, table / minutesPerKg) > FAR;
    return far ? [] : [{ key: paceKey(does, cropId), minutesPerKg }];
  });
  return paces.length > 0 ? [{ day: dayOfWall(became.at), paces }] : [];
}

/** Between households hands differ by half, from time to time by a quarter. Common practice, no source. */
const HOUSEHOLD_SD = 0.5;
const MAKING_SD = 0.25;

/** The household's own minutes per kilo by `paceKey`; makings up to a reset day are left out. */
export function learntPaces(
  makings: readonly TaughtByRun[],
  resets: Readonly<Record<string, Day>>
): Record<string, Learned> {
  const seen: Record<string, number[]> = {};
  for (const { day, paces } of makings)
    for (const { key, minutesPerKg } of paces)
      if (day > (resets[`pace:${key}`] ?? '')) (seen[key] ??= []).push(minutesPerKg);
  return Object.fromEntries(
    Object.entries(seen).flatMap(([key, all]) => {
      const mean = tablePace(key.split(':')[0] as StepDoes);
      if (mean === null) return [];
      return [[key, learn({ mean, sd: HOUSEHOLD_SD * mean, scale: 'log' }, all, MAKING_SD)] as const];
    })
  );
}

/** The same steps with the household's own minutes, where it has any of that work on that crop. */
export function atOwnPace(
  steps: readonly RunStep[],
  { g, cropId }: Made,
  paces: Readonly<Record<string, Learned>>
): RunStep[] {
  return steps.map((step) => {
    const own = step.does && step.minutes > 0 ? paces[paceKey(step.does, cropId)] : undefined;
    return own ? { ...step, minutes: (own.mean * g) / 1000 } : step;
  });
}
