/**
 * What stands in a vessel, told apart by where it came from, g. Solids are the dry matter with the vegetables' own juice;
 * brine is the water that was poured, without its salt; salt is pure, wherever it is dissolved by now.
 */
export interface Contents {
  readonly dryG: number;
  readonly juiceG: number;
  readonly brineG: number;
  readonly saltG: number;
}

export const NOTHING: Contents = { dryG: 0, juiceG: 0, brineG: 0, saltG: 0 };
const PARTS = Object.keys(NOTHING) as (keyof Contents)[];

/** Amounts are kept to a tenth of a milligram, so that what leaves one side is what comes to the other, for ever. */
export const tidy = (g: number): number => Math.round(g * 1e4) / 1e4;
const each = (make: (part: keyof Contents) => number): Contents =>
  Object.fromEntries(PARTS.map((part) => [part, tidy(make(part)) || 0])) as unknown as Contents;

/** So much of the parts that are named, and nothing of the others. Example: `some({ saltG: 20 })` is twenty grams of salt. */
export const some = (parts: Partial<Contents>): Contents => each((part) => parts[part] ?? 0);

/** Everything together, g. */
export const massOf = (c: Contents): number => tidy(c.dryG + c.juiceG + c.brineG + c.saltG);

/** The vegetables with their own juice, g. */
export const solidsOf = (c: Contents): number => tidy(c.dryG + c.juiceG);

/** The water phase: all but the dry matter, g. */
export const phaseG = (c: Contents): number => Math.max(0, tidy(c.juiceG + c.brineG + c.saltG));

/** Salt over salt and all water, once it has evened out. Example: 20 g in 980 g of water is `0.02`; nothing in nothing is 0. */
export const salinityIn = (c: Contents): number => (phaseG(c) > 0 ? c.saltG / phaseG(c) : 0);

export const plus = (...all: readonly Contents[]): Contents =>
  each((part) => all.reduce((a, c) => a + c[part], 0));
export const minus = (a: Contents, b: Contents): Contents => each((part) => a[part] - b[part]);
export const times = (c: Contents, factor: number): Contents => each((part) => c[part] * factor);

/** So many grams of it, all its parts alike. Example: 250 of 1000 g takes a quarter of each part. */
export const partOf = (c: Contents, g: number): Contents =>
  massOf(c) > 0 ? times(c, g / massOf(c)) : NOTHING;

/** Prepared vegetables, `moisture` of them water. */
export const vegetables = (g: number, moisture: number): Contents =>
  some({ dryG: g * (1 - moisture), juiceG: g * moisture });

/**
 * So many grams of the liquid, as salty as the whole phase or as said: poured brine first, then juice.
 * Example: 100 g of a phase at 2 % are 98 g of water and 2 g of salt.
 */
export function liquidOf(c: Contents, g: number, salinity = salinityIn(c)): Contents {
  const water = g * (1 - salinity);
  const brine = Math.min(c.brineG, water);
  return some({ juiceG: water - brine, brineG: brine, saltG: g * salinity });
}

/** What must come to it, and go, so that as heavy as it is it holds salt for this salinity: it was measured, not reckoned. */
export function toSalinity(c: Contents, salinity: number): Contents {
  const more = phaseG(c) * salinity - c.saltG;
  const brine = Math.min(c.brineG, more);
  return some({ juiceG: brine - more, brineG: -brine, saltG: more });
}

/** The pieces as a fork lifts them: dry matter and juice with its share of the salt, the poured brine left behind. */
export function piecesOf(c: Contents): Contents {
  const water = c.juiceG + c.brineG;
  return some({ dryG: c.dryG, juiceG: c.juiceG, saltG: water > 0 ? (c.saltG * c.juiceG) / water : c.saltG });
}
