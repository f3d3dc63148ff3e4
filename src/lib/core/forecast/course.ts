import { AcidTable } from './acidity';
import { bySalt, byWarmth, EARLY, LATE, RAW, rawByWarmth, STARTER, YIELD } from './flora';
import type { Change, Course, Inside, Latent } from './types';

/** How fast sugar and salt go through flesh, m²/s. Set; the skin is in `Inside.skin`. */
const DIFFUSES = { sugar: 3e-10, salt: 1e-9 };
const SPHERE = 5.8;

/** Evening out of a piece, 1/h. */
const evens = ({ radiusMm, skin }: Inside, diffuses: number): number =>
  ((SPHERE * diffuses) / ((radiusMm / 1000) ** 2 * skin)) * 3600;

/** Hours until the pieces have evened out: what is read before says little of them. */
export const evenHours = (inside: Inside): number => 1 / evens(inside, DIFFUSES.salt);

/** What of a jar depends on time alone, shared by all courses of it. */
export interface Pace {
  readonly inside: Inside;
  readonly stepHours: number;
  readonly steps: number;
  /** °C of the contents at each step's beginning, one more than there are steps. */
  readonly tempC: readonly number[];
  readonly early: Float64Array;
  readonly late: Float64Array;
  readonly raw: Float64Array;
  /** Sugar that has come into the liquid by then, used or not, g/kg; and just before what is done at that step. */
  readonly sugar: Float64Array;
  readonly sugarBefore: Float64Array;
  /** How much of what was in a kilogram stays in it at that step, 1 where nothing is done, and how much came fresh. */
  readonly keeps: Float64Array;
  readonly fresh: Float64Array;
  readonly table: AcidTable;
}

/** Salt around the pieces, mass fraction, by hours from the start: from what was poured to where it settles, and on from there. */
function saltOf(inside: Inside): (hours: number) => number {
  const goes = evens(inside, DIFFUSES.salt);
  const way = [{ hours: 0, settles: inside.settles }, ...(inside.later ?? [])];
  let salt = inside.poured ?? inside.settles;
  const spells = way.map((w, i) => {
    const before = way[i - 1];
    if (before) salt = before.settles + (salt - before.settles) * Math.exp(-goes * (w.hours - before.hours));
    return { ...w, begins: salt };
  });
  return (hours) => {
    const s = spells.findLast((x) => x.hours <= hours) ?? spells[0]!;
    return s.settles + (s.begins - s.settles) * Math.exp(-goes * (hours - s.hours));
  };
}

/** More sugar than so many times the table's is not reckoned with. */
const MOST_SUGAR = 2;

/** All the sugar that a kilogram ever got, g/kg, as thinned since. */
export const sugarIn = ({ sugar, later = [] }: Pick<Inside, 'sugar' | 'later'>): number =>
  later.reduce((all, c) => all * (c.keeps ?? 1) + (c.sugar ?? 0), sugar);

/** @param tempC of the contents, at each step's beginning */
export function paceOf(inside: Inside, tempC: readonly number[], stepHours: number): Pace {
  const n = tempC.length;
  const [early, late, raw] = [1, 2, 3].map(() => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array
  ];
  const saltAt = saltOf(inside);
  for (let i = 0; i < n; i++) {
    const [salt, at] = [saltAt(i * stepHours), tempC[i]!];
    early[i] = byWarmth(EARLY, at) * bySalt(salt, EARLY.salt);
    late[i] = byWarmth(LATE, at) * bySalt(salt, LATE.salt);
    raw[i] = rawByWarmth(at) * bySalt(salt, RAW.salt);
  }
  const most = Math.max(inside.sugar, sugarIn(inside));
  const table = new AcidTable(inside, YIELD.acidLate * most * MOST_SUGAR);
  return { inside, stepHours, steps: n - 1, tempC, early, late, raw, ...sugars(inside, n, stepHours), table };
}

/** Sugar as it comes out of the pieces, and what is done to the jar, by steps: at the first step after it was done. */
function sugars(
  inside: Inside,
  n: number,
  stepHours: number
): Pick<Pace, 'sugar' | 'sugarBefore' | 'keeps' | 'fresh'> {
  const [sugar, sugarBefore, fresh] = [1, 2, 3].map(() => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array
  ];
  const keeps = new Float64Array(n).fill(1);
  const goes = evens(inside, DIFFUSES.sugar);
  const begins = ({ hours }: Change) => Math.max(0, Math.ceil(hours / stepHours));
  // What came, when, and how much of it a kilogram holds by now.
  let there = [{ g: inside.sugar, at: 0 }];
  const loose = (i: number) =>
    there.reduce(
      (sum, s) => sum + s.g * (1 - (1 - inside.free) * Math.exp(-goes * (i - s.at) * stepHours)),
      0
    );
  for (let i = 0; i < n; i++) {
    sugarBefore[i] = loose(i);
    for (const c of inside.later ?? []) {
      if (begins(c) !== i) continue;
      const kept = c.keeps ?? 1;
      keeps[i]! *= kept;
      there = [...there.map((s) => ({ ...s, g: s.g * kept })), ...(c.sugar ? [{ g: c.sugar, at: i }] : [])];
      if (c.sugar) fresh[i] = 1 - kept;
    }
    sugar[i] = loose(i);
  }
  return { sugar, sugarBefore, keeps, fresh };
}

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

/** How far acid lets them work still, 0 to 1. */
function brake(free: number, stops: number): number {
  const b = Math.max(0, 1 - free / stops);
  return b * b;
}

/** Where more is wanted than there is, each gets its part. */
const shared = (wanted: number, there: number): number => (wanted > there ? Math.max(0, there) / wanted : 1);

/**
 * The course of a jar: acid made and gas made, step by step. Heun's method; growth in the logarithm, so that no strength
 * leaves 0 to 1, and no more sugar is used than there is.
 */
// An ensemble takes a million steps: told in pieces, with what they share in arrays, it takes twice as long.
// eslint-disable-next-line max-lines-per-function
export function courseOf(pace: Pace, latent: Latent): Course {
  const { stepHours: h, steps, sugar, sugarBefore, keeps, fresh, early, late, raw } = pace;
  const { free: frees, step } = pace.table;
  const { rate, sugar: sweet } = latent;
  const half = h / 2;
  const grows = { early: half * EARLY.grows, late: half * LATE.grows, raw: half / RAW.hours };
  const uses = { early: half * EARLY.uses, late: half * LATE.uses, raw: half * RAW.uses };
  const acid = new Float64Array(steps + 1);
  const made = new Float64Array(steps);
  // Strength of early and late, what is left of the raw; sugar used by raw, early and late, g/kg.
  let [x1, x2] = startOf(pace.inside);
  const [raw1, raw2] = startOf({ ...pace.inside, starter: null });
  let w = 1;
  let u0 = 0;
  let u1 = 0;
  let u2 = 0;
  for (let i = 0; i < steps; i++) {
    const kept = keeps[i]!;
    if (kept !== 1) {
      x1 = x1 * kept + fresh[i]! * raw1;
      x2 = x2 * kept + fresh[i]! * raw2;
      w = w * kept + fresh[i]!;
      u0 *= kept;
      u1 *= kept;
      u2 *= kept;
      acid[i] = YIELD.acidEarly * u1 + YIELD.acidLate * u2;
    }
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
    for (let at = i; ; at++) {
      const loose = sweet * (at > i ? sugarBefore[at]! : sugar[at]!);
      const left = Math.max(0, loose - v0 - v1 - v2);
      const feeds = left / (1 + left);
      const free = between(frees, (YIELD.acidEarly * v1 + YIELD.acidLate * v2) / step);
      const b1 = rate * early[at]! * feeds * brake(free, EARLY.stops);
      const b2 = rate * late[at]! * feeds * brake(free, LATE.stops);
      const b0 = rate * raw[at]!;
      g1 += grows.early * b1 * (1 - y1);
      g2 += grows.late * b2 * (1 - y2);
      gw -= grows.raw * b0 * (1 + free * 0.2);
      d0 += uses.raw * b0 * yw * feeds;
      d1 += uses.early * b1 * y1;
      d2 += uses.late * b2 * y2;
      if (at > i) break;
      y1 = x1 * grown(2 * g1);
      y2 = x2 * grown(2 * g2);
      yw = w * grown(2 * gw);
      v0 = u0 + 2 * d0;
      v1 = u1 + 2 * d1;
      v2 = u2 + 2 * d2;
    }
    const part = shared(d0 + d1 + d2, sweet * sugarBefore[i + 1]! - u0 - u1 - u2);
    x1 = Math.min(1, x1 * grown(g1));
    x2 = Math.min(1, x2 * grown(g2));
    w = Math.min(1, w * grown(gw));
    u0 += part * d0;
    u1 += part * d1;
    u2 += part * d2;
    made[i] = (part * (YIELD.gasEarly * d1 + YIELD.gasRaw * d0)) / h;
    acid[i + 1] = YIELD.acidEarly * u1 + YIELD.acidLate * u2;
  }
  return { stepHours: h, acid, used: [u0, u1, u2], made };
}
