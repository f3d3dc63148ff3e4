import { between, courseOf } from './course';
import { paceOf } from './pace';
import {
  forecast,
  gasHoursOf,
  gridOf,
  SUGAR_SD,
  type Forecast,
  type ForecastJar,
  type RatePrior,
  type Window
} from './filter';
import { gasOf } from './gas';
import type { Reading } from './read';
import type { Latent } from './types';
import { EVENTS, marksOf, SEEN, timesOf, type Times } from './windows';

/** A fast jar is taken for one with more to sour, by so much of its spread: both together come so near the grid. */
const WITH_IT = 0.7;

const isSeen = (_: number, bubbles: number): boolean => bubbles >= SEEN;

/** The 10th and the 90th of a hundred of a normal spread. */
const TENTH = 1.2816;

/** The same in a moment, for what is only tried: three courses, slow, likely and fast, and nothing read. */
export function sketch(jar: ForecastJar, rate: RatePrior, hours: readonly number[] = []): Forecast {
  const pace = paceOf(jar.inside, jar.tempC, jar.stepHours);
  const marks = marksOf(pace, jar.style);
  const at = (z: number): Sketched => {
    const latent = { rate: Math.exp(rate.mean + z * rate.sd), sugar: Math.exp(WITH_IT * z * SUGAR_SD) };
    const course = courseOf(pace, latent);
    const gas = gasOf(course.made, jar.tempC, jar.stepHours, jar.vessel, jar.style, isSeen);
    const acid = hours.map((h) => between(course.acid, h / course.stepHours));
    return { latent, acid, times: timesOf(course, gas.bubbles, marks) };
  };
  const [slow, likely, fast] = [at(-TENTH), at(0), at(TENTH)];
  const windows = EVENTS.map((e) => [e, sorted(fast.times[e], likely.times[e], slow.times[e])]);
  return {
    windows: Object.fromEntries(windows) as Forecast['windows'],
    band: hours.map((_, i) => sorted(slow.acid[i]!, likely.acid[i]!, fast.acid[i]!)),
    likely: likely.latent,
    fast: fast.latent,
    rate,
    used: 0,
    pace
  };
}

/**
 * What is held of ln rate after the readings, looking no farther than the last of them.
 * @param sugars so many for each rate; 1: in a moment, all that was read held to be of the rate and none of the sugar
 */
export function rateRead(
  jar: ForecastJar,
  prior: RatePrior,
  readings: readonly Reading[],
  sugars?: number
): RatePrior {
  if (readings.length === 0) return prior;
  const last = Math.max(gasHoursOf(readings), ...readings.map((r) => r.at));
  const seen = { ...jar, tempC: jar.tempC.slice(0, Math.ceil(last / jar.stepHours) + 3) };
  return forecast(gridOf(seen, prior, [], gasHoursOf(readings), sugars), readings).rate;
}

interface Sketched {
  readonly latent: Latent;
  readonly acid: readonly number[];
  readonly times: Times;
}
const sorted = (...three: [number, number, number]): Window => {
  const [early, likely, late] = three.sort((a, b) => a - b);
  return { early, likely, late };
};
