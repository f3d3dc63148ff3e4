/**
 * What a ferment is reckoned from. Masses are g or mmol per kg of everything in the jar, salt is a mass fraction.
 * The forecast is a first guess: it never says that a jar is safe, and a tested guide, a measured pH and what one sees
 * and smells always stand before it.
 */
export interface Inside {
  /** Sugar that can be soured, g/kg at the start, and the share of it that is free in the liquid from the start. */
  readonly sugar: number;
  readonly free: number;
  /** Straight-line buffer, mmol per kg and pH unit; pH and titratable acidity (% as lactic) of the raw jar. */
  readonly buffer: number;
  readonly pH0: number;
  readonly ta0: number;
  /** Where the salt settles; strength of the brine as poured, null where none was. */
  readonly settles: number;
  readonly poured: number | null;
  /** Put right, thinned or filled up since, in their order. */
  readonly later?: readonly Change[];
  /** Half the thickness of a piece, mm, and how much its skin slows what goes through it. */
  readonly radiusMm: number;
  readonly skin: number;
  /** Both flora's start against that of plain vegetables. */
  readonly starts: number;
  /** Fresh sour brine, g per kg, and its age in the cold, months. */
  readonly starter: { readonly g: number; readonly months: number } | null;
}

/** What was done to a jar that stood: from so many hours on it goes to another salt, and is of other things. */
export interface Change {
  readonly hours: number;
  readonly settles: number;
  /** How much of a kilogram was in it before: water and brine thin its acid, its flora and its sugar. Absent: all. */
  readonly keeps?: number;
  /** Sugar that came with it, g/kg of all that it holds then, in pieces as those before. */
  readonly sugar?: number;
  /** Of something that sours already: acid that came made, mmol/kg of all, and how strong the late flora of it is, 0 to 1. */
  readonly sour?: { readonly acid: number; readonly late: number };
}

/** How sour a style is at each window (sour index, mmol/kg), how long it stands at 20 °C, and how it holds its gas. */
export interface StyleSour {
  readonly sour: readonly [first: number, mild: number, tangy: number, fully: number, last: number];
  readonly wearDays: number;
  /** Hours a bubble is held; share of air that is trapped in it. */
  readonly holdHours: number;
  readonly air: number;
}

/** What a jar has been told of itself: 1 and 1 when nothing is known. */
export interface Latent {
  /** How fast against the table. */
  readonly rate: number;
  /** How much sugar and acid against the table. */
  readonly sugar: number;
}
export const UNKNOWN: Latent = { rate: 1, sugar: 1 };

/** One shown course, by steps of `stepHours`. */
export interface Course {
  readonly stepHours: number;
  /** Made acid, mmol/kg, at each step's beginning, one more than there are steps. */
  readonly acid: Float64Array;
  /** Sugar used by raw flora, early gas-makers, late acid-makers, g/kg, at the end. */
  readonly used: readonly [number, number, number];
  /** Carbon dioxide made in each step, mmol/(kg·h). */
  readonly made: Float64Array;
  /** How strong the late acid-makers are at the end, 0 to 1. */
  readonly late: number;
}
