import { AcidTable } from './acidity';
import { bySalt, byWarmth, EARLY, LATE, RAW, rawByWarmth, YIELD } from './flora';
import type { Change, Inside } from './types';

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
  /** Acid that came made at that step, mmol/kg, and strength of the late flora that came with it. */
  readonly acidCame: Float64Array;
  readonly lateCame: Float64Array;
  /** 1 where the next `STRIDE` steps may be taken as one while little goes on: nothing is done in them, and they are about as warm. */
  readonly calm: Uint8Array;
  readonly table: AcidTable;
}

/** So many steps may be one while little goes on; three of two hours' to a day still see its warm and its cool. */
export const STRIDE = 4;
/** About as warm: no step goes more than so many times as fast as another. */
const ALIKE = 2;

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

/** All the acid that ever came made, mmol/kg, as thinned since. */
const acidCame = ({ later = [] }: Pick<Inside, 'later'>): number =>
  later.reduce((all, c) => all * (c.keeps ?? 1) + (c.sour?.acid ?? 0), 0);

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
  const table = new AcidTable(inside, YIELD.acidLate * most * MOST_SUGAR + acidCame(inside));
  const came = comes(inside, n, stepHours);
  const calm = Uint8Array.from({ length: n }, (_, i) => (isCalm(i, late, came.keeps) ? 1 : 0));
  return { inside, stepHours, steps: n - 1, tempC, early, late, raw, ...came, calm, table };
}

/** @param i the first of the steps that would be one */
function isCalm(i: number, goes: Float64Array, keeps: Float64Array): boolean {
  if (i + STRIDE >= goes.length) return false;
  let least = goes[i]!;
  let most = least;
  for (let k = i + 1; k <= i + STRIDE; k++) {
    if (keeps[k] !== 1) return false;
    least = Math.min(least, goes[k]!);
    most = Math.max(most, goes[k]!);
  }
  return most <= ALIKE * least;
}

/** Sugar as it comes out of the pieces, and what is done to the jar, by steps: at the first step after it was done. */
function comes(
  inside: Inside,
  n: number,
  stepHours: number
): Pick<Pace, 'sugar' | 'sugarBefore' | 'keeps' | 'fresh' | 'acidCame' | 'lateCame'> {
  const [sugar, sugarBefore, fresh] = [1, 2, 3].map(() => new Float64Array(n)) as [
    Float64Array,
    Float64Array,
    Float64Array
  ];
  const sour = { acidCame: new Float64Array(n), lateCame: new Float64Array(n) };
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
      if (c.sour) {
        sour.acidCame[i] = sour.acidCame[i]! * kept + c.sour.acid;
        sour.lateCame[i] = sour.lateCame[i]! * kept + (1 - kept) * c.sour.late;
      } else if (c.sugar) fresh[i] = 1 - kept;
    }
    sugar[i] = loose(i);
  }
  return { sugar, sugarBefore, keeps, fresh, ...sour };
}
