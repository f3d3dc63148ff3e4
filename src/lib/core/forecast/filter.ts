import { between, courseOf } from './course';
import { evenHours, paceOf, type Pace } from './pace';
import { gasOf, type GasVessel } from './gas';
import { AROUND_HOURS, likelihood, type Reading } from './read';
import type { Course, Inside, Latent, StyleSour } from './types';
import { EVENTS, marksOf, SEEN, timesOf, type ForecastEvent, type Marks, type Times } from './windows';

/** A jar as the forecast takes it; hours from its start. */
export interface ForecastJar {
  readonly inside: Inside;
  readonly style: StyleSour;
  readonly vessel: GasVessel;
  /** Of the contents at each step's beginning, one more than there are steps. */
  readonly tempC: readonly number[];
  readonly stepHours: number;
}

/** What is held of ln rate before a reading: mean and one sd. */
export interface RatePrior {
  readonly mean: number;
  readonly sd: number;
}

/** The 10th, 50th and 90th of a hundred, hours: eight times in ten it comes between the first and the last. */
export interface Window {
  readonly early: number;
  readonly likely: number;
  readonly late: number;
}

export interface Forecast {
  readonly windows: Readonly<Record<ForecastEvent, Window>>;
  /** Made acid, mmol/kg, at the hours that were asked for: what most of them stay over, the middle, and under. */
  readonly band: readonly Window[];
  /** The middle course, and that of a jar faster than nine in ten. */
  readonly likely: Latent;
  readonly fast: Latent;
  /** ln rate after the readings. */
  readonly rate: RatePrior;
  /** Readings that were used. */
  readonly used: number;
  /** What its courses share. */
  readonly pace: Pace;
}

/** Spread of ln sugar. Set. */
export const SUGAR_SD = 0.15;
const GRID = { rates: 25, sugars: 7, rateSds: 2.6, sugarSds: 2.4, again: 0.7, wider: 1.15 };

/** One node of a grid: a course at one rate and sugar, before anything is read. */
interface Run {
  readonly lnRate: number;
  readonly lnSugar: number;
  /** What was held of it before. */
  readonly held: number;
  readonly times: Times;
  readonly course: Course;
  readonly gas: Float64Array;
}
/** A run, and how much it counts after what was read. */
interface Node {
  readonly run: Run;
  readonly weight: number;
}

/** A grid before anything is read: the same for all readings of a jar up to the last of its gas. */
export interface Grid {
  readonly jar: ForecastJar;
  readonly prior: RatePrior;
  readonly hours: readonly number[];
  readonly pace: Pace;
  readonly marks: Marks;
  readonly gasHours: number;
  /** So many sugars for each rate. */
  readonly sugars: number;
  readonly runs: readonly Run[];
}

/**
 * The courses that a jar may take, before anything is read of it.
 * @param hours at which its acid is wanted as well, from the start
 * @param gasHours up to when its gas is read
 */
export function gridOf(
  jar: ForecastJar,
  prior: RatePrior,
  hours: readonly number[],
  gasHours: number,
  sugars: number = GRID.sugars
): Grid {
  const pace = paceOf(jar.inside, jar.tempC, jar.stepHours);
  const grid = { jar, prior, hours, pace, marks: marksOf(pace, jar.style), gasHours, sugars };
  return { ...grid, runs: laid(grid, prior) };
}

/** The last time that gas was seen, hours. */
export const gasHoursOf = (readings: readonly Reading[]): number =>
  Math.max(0, ...readings.map((r) => (r.of === 'gas' ? r.at + AROUND_HOURS : 0)));

/**
 * When a jar will come to each of its windows: a grid over rate and sugar, weighted by what was read of it. No random
 * numbers: the same jar and readings give the same answer. A pH that was read before the pieces evened out is not used.
 */
export function forecast(grid: Grid, readings: readonly Reading[]): Forecast {
  const { jar, pace, prior, hours } = grid;
  const even = evenHours(jar.inside);
  const used = readings.filter((r) => r.of !== 'pH' || r.at >= even);
  let nodes = weighed(grid, grid.runs, used);
  const first = rateOf(nodes);
  if (first.sd < GRID.again * prior.sd) {
    const finer = { mean: first.mean, sd: GRID.wider * first.sd };
    nodes = weighed(grid, laid(grid, finer), used);
  }
  const windowOf = windowsOf(nodes);
  const windows = EVENTS.map((e) => [e, windowOf((r) => r.times[e])]);
  const acidAt = (at: number) => windowOf(({ course }) => between(course.acid, at / course.stepHours));
  return {
    windows: Object.fromEntries(windows) as Forecast['windows'],
    band: hours.map(acidAt),
    likely: {
      rate: Math.exp(meanOf(nodes, (r) => r.lnRate)),
      sugar: Math.exp(meanOf(nodes, (r) => r.lnSugar))
    },
    fast: { rate: Math.exp(windowOf((r) => r.lnRate).late), sugar: 1 },
    rate: rateOf(nodes),
    used: used.length,
    pace
  };
}

/** The nodes of a grid around a rate. */
function laid(grid: Omit<Grid, 'runs'>, around: RatePrior): Run[] {
  const { jar, pace, marks, prior, gasHours } = grid;
  const enough = (hour: number, bubbles: number) => bubbles >= SEEN && hour >= gasHours;
  return evenly(GRID.rates, GRID.rateSds).flatMap((z) =>
    evenly(grid.sugars, GRID.sugarSds).map((zs) => {
      const lnRate = around.mean + z * around.sd;
      const lnSugar = zs * SUGAR_SD;
      const course = courseOf(pace, { rate: Math.exp(lnRate), sugar: Math.exp(lnSugar) });
      const gas = gasOf(course.made, jar.tempC, jar.stepHours, jar.vessel, jar.style, enough);
      return {
        lnRate,
        lnSugar,
        course,
        gas: gas.rate,
        held: Math.exp(-0.5 * (((lnRate - prior.mean) / prior.sd) ** 2 + zs ** 2)),
        times: timesOf(course, gas.bubbles, marks)
      };
    })
  );
}

const weighed = (grid: Grid, runs: readonly Run[], readings: readonly Reading[]): Node[] =>
  runs.map((run) => ({
    run,
    weight: readings.reduce((w, r) => w * likelihood(r, run, grid.pace), run.held)
  }));

const evenly = (n: number, sds: number): number[] =>
  Array.from({ length: n }, (_, i) => (n === 1 ? 0 : -sds + (2 * sds * i) / (n - 1)));

function meanOf(nodes: readonly Node[], what: (r: Run) => number): number {
  const all = nodes.reduce((a, n) => a + n.weight, 0);
  return nodes.reduce((a, n) => a + n.weight * what(n.run), 0) / all;
}

function rateOf(nodes: readonly Node[]): RatePrior {
  const all = nodes.reduce((a, n) => a + n.weight, 0);
  const mean = meanOf(nodes, (r) => r.lnRate);
  return { mean, sd: Math.sqrt(nodes.reduce((a, n) => a + n.weight * (n.run.lnRate - mean) ** 2, 0) / all) };
}

/** The 10th, 50th and 90th of a hundred of whatever is asked of the nodes. */
function windowsOf(nodes: readonly Node[]): (what: (r: Run) => number) => Window {
  const all = nodes.reduce((a, n) => a + n.weight, 0);
  // What is asked next mostly stands in nearly the same order: put right from there, it takes a look at each.
  const order = nodes.map((_, i) => i);
  return (what) => {
    const of = nodes.map((n) => what(n.run));
    for (let i = 1; i < order.length; i++) {
      const node = order[i]!;
      let k = i - 1;
      for (; k >= 0 && of[order[k]!]! > of[node]!; k--) order[k + 1] = order[k]!;
      order[k + 1] = node;
    }
    const sorted = order.map((i) => ({ t: of[i]!, w: nodes[i]!.weight }));
    const at = (q: number) => quantile(sorted, q * all);
    return { early: at(0.1), likely: at(0.5), late: at(0.9) };
  };
}

/** By the midpoints of the weights, linear between them. */
function quantile(sorted: readonly { t: number; w: number }[], wanted: number): number {
  let [sum, before] = [0, { at: 0, t: sorted[0]!.t }];
  for (const { t, w } of sorted) {
    const at = sum + w / 2;
    if (at >= wanted) {
      if (!Number.isFinite(t) || at === before.at) return t;
      return before.t + ((wanted - before.at) / (at - before.at)) * (t - before.t);
    }
    sum += w;
    before = { at, t };
  }
  return before.t;
}
