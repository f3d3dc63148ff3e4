import type { Pace } from './pace';
import type { Course, StyleSour } from './types';

/** What is worth waiting for, in its order. */
export const EVENTS = ['bubbles', 'under46', 'firstTaste', 'mild', 'tangy', 'fullySour', 'last'] as const;
export type ForecastEvent = (typeof EVENTS)[number];
/** Hours from the start; infinite: not in the time that was looked at. */
export type Times = Readonly<Record<ForecastEvent, number>>;

/** pH under which a ferment counts as soured, and that of the first taste. */
const SOURED = 4.6;
const TASTED = 4.5;
/** Seen as bubbles, ml/(kg·h). */
export const SEEN = 1;

/** Made acid at which each window opens, mmol/kg, and when the jar has stood its time, hours: the same for all courses. */
export interface Marks {
  readonly acid: Readonly<Record<Exclude<ForecastEvent, 'bubbles'>, number>>;
  readonly worn: number;
}

export function marksOf(pace: Pace, { sour, wearDays }: StyleSour): Marks {
  const { table, inside } = pace;
  const [first, mild, tangy, fully, last] = sour.map((z) => table.acidOfSour(z)) as [
    number,
    number,
    number,
    number,
    number
  ];
  return {
    acid: {
      under46: table.acidAt(SOURED),
      firstTaste: Math.max(first, table.acidAt(TASTED)),
      ...{ mild, tangy, fullySour: fully, last }
    },
    worn: wornAt(pace, wearDays * Math.min(1.4, Math.max(0.6, Math.sqrt(inside.settles / 0.02))))
  };
}

/** Hours until a jar has stood its time: faster when warm, slower when salty. Set. */
function wornAt({ tempC, stepHours, steps }: Pace, days: number): number {
  let worn = 0;
  for (let i = 0; i < steps; i++) {
    const t = tempC[i]!;
    const more = (stepHours / 24) * ((t < 20 ? 4 : 2.5) ** ((t - 20) / 10) / days);
    if (worn + more >= 1) return (i + (1 - worn) / more) * stepHours;
    worn += more;
  }
  return Infinity;
}

/** When something that rises first reaches a mark, hours; linear within a step. */
export function crosses(of: Float64Array, mark: number, stepHours: number): number {
  for (let i = 0; i < of.length; i++) {
    if (of[i]! < mark) continue;
    const before = of[i - 1];
    return before === undefined ? 0 : (i - 1 + (mark - before) / (of[i]! - before)) * stepHours;
  }
  return Infinity;
}

/** When something that rises, but for what thins it, is over a mark for good, hours; linear within a step. */
export function staysOver(of: Float64Array, mark: number, stepHours: number): number {
  let i = of.length - 1;
  if (of[i]! < mark) return Infinity;
  while (i > 0 && of[i - 1]! >= mark) i--;
  const before = of[i - 1];
  return before === undefined ? 0 : (i - 1 + (mark - before) / (of[i]! - before)) * stepHours;
}

/** When a course comes to each of them. The last sensible day is when it is too sour or has stood its time. */
export function timesOf(course: Course, bubbles: Float64Array, { acid, worn }: Marks): Times {
  const at = (mark: number) => staysOver(course.acid, mark, course.stepHours);
  return {
    bubbles: crosses(bubbles, SEEN, course.stepHours),
    under46: at(acid.under46),
    firstTaste: at(acid.firstTaste),
    mild: at(acid.mild),
    tangy: at(acid.tangy),
    fullySour: at(acid.fullySour),
    last: Math.min(at(acid.last), worn)
  };
}
