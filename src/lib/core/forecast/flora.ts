/**
 * A kind of lactic bacteria as the forecast knows it. *Fit*: to 42 target times and acidities from remembered guides and
 * papers, so that they are right by construction there; *set*: plausible and weakly supported.
 */
interface Kind {
  /** Growth at its best warmth without salt, 1/h; sugar at full strength, g/(kg·h). Fit. */
  readonly grows: number;
  readonly uses: number;
  /** Undissociated acid that stops it, mmol/kg. Fit. */
  readonly stops: number;
  /** Least, best and most warmth, °C: the least fit, the rest set. */
  readonly warmth: readonly [least: number, best: number, most: number];
  /** Salt that stops it, mass fraction. The late: Passos et al. 1994, recalled from memory. */
  readonly salt: number;
  /** Share of full strength that raw vegetables bring. */
  readonly starts: number;
}

/** Heterofermentative: they come first, and make the gas. */
export const EARLY: Kind = {
  ...{ grows: 0.58, uses: 0.7, stops: 60, warmth: [-3.8, 29, 38], salt: 0.067 },
  starts: 4e-5
};
/** Homofermentative: they come late, and make it sour. */
export const LATE: Kind = {
  ...{ grows: 0.3, uses: 0.24, stops: 190, warmth: [0.8, 34, 43], salt: 0.118 },
  starts: 6e-7
};
/** Raw flora and living tissue: what they use becomes gas and alcohol. Set, its hours fit. */
export const RAW = { uses: 0.05, salt: 0.1, hours: 14, q10: 2.2, fromC: -2, toC: 45, flatC: 35 };

/** Per gram of sugar: acid of the early and the late, gas of the early and the raw, mmol. Textbook pathways, from memory. */
export const YIELD = { acidEarly: 4.317, acidLate: 11.1, gasEarly: 3.084, gasRaw: 11.1 };

/** Of fresh sour brine, per g/kg: so much of full strength; halved by each month in the cold. Set. */
export const STARTER = { early: 0.02 / 1000, late: 0.3 / 1000 };

/**
 * Growth by warmth, 0 to 1: cardinal temperature model of Rosso, Lobry and Flandrois 1993, recalled from memory.
 * Example: of the early at 20 °C `0.726`.
 */
export function byWarmth({ warmth: [least, best, most] }: Kind, tempC: number): number {
  if (tempC <= least || tempC >= most) return 0;
  const top = (tempC - most) * (tempC - least) ** 2;
  const below =
    (best - least) * ((best - least) * (tempC - best) - (best - most) * (best + least - 2 * tempC));
  return top / below;
}

/** The raw flora by warmth, 1 at 20 °C. */
export const rawByWarmth = (tempC: number): number =>
  tempC < RAW.fromC || tempC > RAW.toC ? 0 : RAW.q10 ** ((Math.min(tempC, RAW.flatC) - 20) / 10);

/** Salt as a brake, 0 to 1. */
export const bySalt = (salt: number, stops: number): number => Math.max(0, 1 - salt / stops);
