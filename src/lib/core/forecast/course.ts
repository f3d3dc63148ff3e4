import { EARLY, LATE, RAW, STARTER, YIELD } from './flora';
import { STRIDE, type Pace } from './pace';
import type { Course, Inside, Latent } from './types';

/** Share of full strength that both flora start with, and the starter's. */
function startOf({ starts, starter }: Inside): [number, number] {
  const kept = starter ? starter.g * 0.5 ** starter.months : 0;
  return [
    Math.min(1, EARLY.starts * starts + kept * STARTER.early),
    Math.min(1, LATE.starts * starts + kept * STARTER.late)
  ];
}

/** e to so small a power, by a quotient that is right to 4 in 100 000; an ensemble asks for it some million times. */
const grown = (z: number): number =>
  z > 1.2 || z < -1.2 ? Math.exp(z) : (120 + z * (60 + z * (12 + z))) / (120 - z * (60 - z * (12 - z)));

/** Between two steps; beyond the ends, the end. */
export function between(of: Float64Array, x: number): number {
  const last = of.length - 2;
  const i = x <= 0 ? 0 : x >= last ? last : x | 0;
  const part = x - i;
  return of[i]! + (part < 0 ? 0 : part > 1 ? 1 : part) * (of[i + 1]! - of[i]!);
}

/** Little goes on where a stride makes no strength grow by more than this share, and uses no more sugar than this, g/kg. */
const LITTLE = 0.1;

/** So little of the raw flora is none: a processor is slow with numbers much smaller. */
const GONE = 1e-12;

/** How far acid lets them work still, 0 to 1. */
function brake(free: number, stops: number): number {
  const b = Math.max(0, 1 - free / stops);
  return b * b;
}

/** Where more is wanted than there is, each gets its part. */
const shared = (wanted: number, there: number): number =>
  there > 0 ? (wanted > there ? there / wanted : 1) : 0;

/**
 * The course of a jar: acid made and gas made, step by step. Heun's method; growth in the logarithm, so that no strength
 * leaves 0 to 1, and no more sugar is used than there is. While little goes on, several steps are one.
 */
// An ensemble takes half a million steps: told in pieces, with what they share in arrays, it takes twice as long.
// eslint-disable-next-line max-lines-per-function
export function courseOf(pace: Pace, latent: Latent): Course {
  const { stepHours: h, steps, sugar, sugarBefore, keeps, fresh, calm, early, late, raw } = pace;
  const { acidCame, lateCame } = pace;
  const { free: frees, step } = pace.table;
  const { rate, sugar: sweet } = latent;
  const acid = new Float64Array(steps + 1);
  const made = new Float64Array(steps);
  // Strength of early and late, what is left of the raw; sugar used by raw, early and late, g/kg.
  let [x1, x2] = startOf(pace.inside);
  const [raw1, raw2] = startOf({ ...pace.inside, starter: null });
  let w = 1;
  let u0 = 0;
  let u1 = 0;
  let u2 = 0;
  // Acid that came made, mmol/kg.
  let came = 0;
  let quiet = false;
  let next: number;
  for (let i = 0; i < steps; i = next) {
    const kept = keeps[i]!;
    if (kept !== 1) {
      x1 = x1 * kept + fresh[i]! * raw1;
      x2 = Math.min(1, x2 * kept + fresh[i]! * raw2 + lateCame[i]!);
      came = came * kept + acidCame[i]!;
      w = w * kept + fresh[i]!;
      u0 *= kept;
      u1 *= kept;
      u2 *= kept;
      acid[i] = came + YIELD.acidEarly * u1 + YIELD.acidLate * u2;
      quiet = false;
    }
    const n: number = quiet && calm[i] === 1 ? STRIDE : 1;
    next = i + n;
    const half = (h * n) / 2;
    let y1 = x1;
    let y2 = x2;
    let yw = w;
    let v0 = u0;
    let v1 = u1;
    let v2 = u2;
    // Growth of early and late, decay of the raw, use of raw, early and late over the step.
    let g1 = 0;
    let g2 = 0;
    let gw = 0;
    let d0 = 0;
    let d1 = 0;
    let d2 = 0;
    // First at the step's beginning, then where that leads to; both together make the step.
    for (let at = i; ; at = next) {
      const loose = sweet * (at > i ? sugarBefore[at]! : sugar[at]!);
      const left = Math.max(0, loose - v0 - v1 - v2);
      const feeds = left / (1 + left);
      const free = between(frees, (came + YIELD.acidEarly * v1 + YIELD.acidLate * v2) / step);
      const b1 = half * rate * early[at]! * feeds * brake(free, EARLY.stops);
      const b2 = half * rate * late[at]! * feeds * brake(free, LATE.stops);
      const b0 = half * rate * raw[at]!;
      g1 += EARLY.grows * b1 * (1 - y1);
      g2 += LATE.grows * b2 * (1 - y2);
      gw -= (b0 * (1 + free * 0.2)) / RAW.hours;
      d0 += RAW.uses * b0 * yw * feeds;
      d1 += EARLY.uses * b1 * y1;
      d2 += LATE.uses * b2 * y2;
      if (at > i) break;
      y1 = x1 * grown(2 * g1);
      y2 = x2 * grown(2 * g2);
      yw = w * grown(2 * gw);
      v0 = u0 + 2 * d0;
      v1 = u1 + 2 * d1;
      v2 = u2 + 2 * d2;
    }
    const used = d0 + d1 + d2;
    const part = shared(used, sweet * sugarBefore[next]! - u0 - u1 - u2);
    quiet = STRIDE * Math.max(g1, g2, used) < LITTLE * n;
    x1 = Math.min(1, x1 * grown(g1));
    x2 = Math.min(1, x2 * grown(g2));
    w = w > GONE ? Math.min(1, w * grown(gw)) : 0;
    u0 += part * d0;
    u1 += part * d1;
    u2 += part * d2;
    acid[next] = came + YIELD.acidEarly * u1 + YIELD.acidLate * u2;
    const gas = (part * (YIELD.gasEarly * d1 + YIELD.gasRaw * d0)) / (h * n);
    for (let k = i; k < next; k++) {
      made[k] = gas;
      if (k > i) acid[k] = acid[i]! + ((acid[next]! - acid[i]!) * (k - i)) / n;
    }
  }
  return { stepHours: h, acid, used: [u0, u1, u2], made, late: x2 };
}
