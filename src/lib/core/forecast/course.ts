import { AcidTable } from './acidity';
import { bySalt, byWarmth, EARLY, LATE, RAW, rawByWarmth, STARTER, YIELD } from './flora';
import type { Course, Inside, Latent } from './types';

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
  /** Share of the sugar that is in the liquid by then. */
  readonly loose: Float64Array;
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

/** @param tempC of the contents, at each step's beginning */
export function paceOf(inside: Inside, tempC: readonly number[], stepHours: number): Pace {
  const n = tempC.length;
  const [early, late, raw, loose] = [1, 2, 3, 4].map(() => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array
  ];
  const sugarGoes = evens(inside, DIFFUSES.sugar);
  const saltAt = saltOf(inside);
  const { free } = inside;
  for (let i = 0; i < n; i++) {
    const [t, at] = [i * stepHours, tempC[i]!];
    const salt = saltAt(t);
    early[i] = byWarmth(EARLY, at) * bySalt(salt, EARLY.salt);
    late[i] = byWarmth(LATE, at) * bySalt(salt, LATE.salt);
    raw[i] = rawByWarmth(at) * bySalt(salt, RAW.salt);
    loose[i] = 1 - (1 - free) * Math.exp(-sugarGoes * t);
  }
  const table = new AcidTable(inside, YIELD.acidLate * inside.sugar * MOST_SUGAR);
  return { inside, stepHours, steps: n - 1, tempC, early, late, raw, loose, table };
}

/** Share of full strength that both flora start with, and the starter's. */
function startOf({ starts, starter }: Inside): [number, number] {
  const kept = starter ? starter.g * 0.5 ** starter.months : 0;
  return [
    Math.min(1, EARLY.starts * starts + kept * STARTER.early),
    Math.min(1, LATE.starts * starts + kept * STARTER.late)
  ];
}

/** A walk through a jar's days; what changes at each step is written in place, since an ensemble takes many thousand. */
class Walk {
  /** Strength of early and late, what is left of the raw; sugar used by raw, early and late, g/kg. */
  readonly at: Float64Array;
  private readonly ahead = new Float64Array(6);
  /** Growth of early and late, decay of the raw, 1/h; use of raw, early and late, g/(kg·h). */
  private readonly now = new Float64Array(6);
  private readonly then = new Float64Array(6);

  private readonly early: Float64Array;
  private readonly late: Float64Array;
  private readonly raw: Float64Array;
  private readonly loose: Float64Array;
  private readonly table: AcidTable;
  private readonly h: number;
  private readonly rate: number;
  private readonly sugar: number;

  constructor(pace: Pace, latent: Latent) {
    const [early, late] = startOf(pace.inside);
    this.at = Float64Array.of(early, late, 1, 0, 0, 0);
    ({ early: this.early, late: this.late, raw: this.raw } = pace);
    ({ loose: this.loose, table: this.table, stepHours: this.h } = pace);
    this.rate = latent.rate;
    this.sugar = latent.sugar * pace.inside.sugar;
  }

  private rates(i: number, s: Float64Array, into: Float64Array): void {
    const left = Math.max(0, this.sugar * this.loose[i]! - s[3]! - s[4]! - s[5]!);
    const feeds = left / (1 + left);
    const free = this.table.undissociated(YIELD.acidEarly * s[4]! + YIELD.acidLate * s[5]!);
    const brake1 = Math.max(0, 1 - free / EARLY.stops);
    const brake2 = Math.max(0, 1 - free / LATE.stops);
    const b1 = this.rate * this.early[i]! * feeds * brake1 * brake1;
    const b2 = this.rate * this.late[i]! * feeds * brake2 * brake2;
    const b0 = this.rate * this.raw[i]!;
    into[0] = EARLY.grows * b1 * (1 - s[0]!);
    into[1] = LATE.grows * b2 * (1 - s[1]!);
    into[2] = (-b0 / RAW.hours) * (1 + free / 5);
    into[3] = RAW.uses * b0 * s[2]! * feeds;
    into[4] = EARLY.uses * b1 * s[0]!;
    into[5] = LATE.uses * b2 * s[1]!;
  }

  /** One step by Heun; answers the carbon dioxide made in it, mmol/kg. */
  step(i: number): number {
    const { at, ahead, now, then, h } = this;
    this.rates(i, at, now);
    for (let k = 0; k < 3; k++) ahead[k] = at[k]! * Math.exp(now[k]! * h);
    for (let k = 3; k < 6; k++) ahead[k] = at[k]! + now[k]! * h;
    this.rates(i + 1, ahead, then);
    let all = 0;
    for (let k = 3; k < 6; k++) all += (h / 2) * (now[k]! + then[k]!);
    const there = this.sugar * this.loose[i + 1]! - at[3]! - at[4]! - at[5]!;
    const part = all > there ? Math.max(0, there) / all : 1;
    for (let k = 0; k < 3; k++) at[k] = Math.min(1, at[k]! * Math.exp((h / 2) * (now[k]! + then[k]!)));
    const raw = part * (h / 2) * (now[3]! + then[3]!);
    const early = part * (h / 2) * (now[4]! + then[4]!);
    at[3]! += raw;
    at[4]! += early;
    at[5]! += part * (h / 2) * (now[5]! + then[5]!);
    return YIELD.gasEarly * early + YIELD.gasRaw * raw;
  }

  get acid(): number {
    return YIELD.acidEarly * this.at[4]! + YIELD.acidLate * this.at[5]!;
  }
}

/**
 * The course of a jar: acid made and gas made, step by step. Heun's method; growth in the logarithm, so that no strength
 * leaves 0 to 1, and no more sugar is used than there is.
 */
export function courseOf(pace: Pace, latent: Latent): Course {
  const { stepHours, steps } = pace;
  const acid = new Float64Array(steps + 1);
  const made = new Float64Array(steps);
  const walk = new Walk(pace, latent);
  for (let i = 0; i < steps; i++) {
    made[i] = walk.step(i) / stepHours;
    acid[i + 1] = walk.acid;
  }
  const [, , , raw, early, late] = walk.at;
  return { stepHours, acid, used: [raw!, early!, late!], made };
}
