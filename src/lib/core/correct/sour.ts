import { done, refuse, type Outcome } from '../refusal/index';

/**
 * Souring a sauce to a wanted pH: a first step only, never a promise. Charge balance with one straight-line buffer per
 * kind of base, acid counted as lactic. pKa of lactic, acetic and citric acid: handbooks, recalled from memory.
 */
export interface SauceBase {
  /** Buffer, mmol per kg and pH unit; good to ±30 %. */
  readonly buffer: number;
  /** pH before it soured. */
  readonly pH0: number;
}

/** Bases by style. Set by hand to pass near remembered pairs; weak. */
export const SAUCE_BASES: Readonly<Record<string, SauceBase>> = {
  'pepper-sauce': { buffer: 15, pH0: 5.3 },
  'pepper-mash': { buffer: 25, pH0: 5.2 }
};

const LACTIC_PKA = 3.86;
const ACETIC_PKA = 4.76;
const CITRIC_PKA = [3.13, 4.76] as const;
/** Vinegar of 5 %: 50 g acetic acid a litre, mmol per ml. */
export const VINEGAR_MMOL_PER_ML = 0.833;
const CITRIC_G_PER_MMOL = 0.192;

const protons = (pH: number): number => 1000 * 10 ** -pH;
/** Share of an acid that gives its proton up at that pH. */
const gives = (pKa: number, pH: number): number => 1 / (1 + 10 ** (pKa - pH));

/** Made acid, mmol per kg, from a measured pH. Example: buffer 15, pH0 5.3 at 3.8 is `48.7`. */
export function madeAcid(base: SauceBase, pH: number): number {
  return (base.buffer * (base.pH0 - pH) + protons(pH) - protons(base.pH0)) / gives(LACTIC_PKA, pH);
}

export interface Souring {
  readonly vinegarMl: number;
  readonly citricG: number;
  /** The first step: half the estimate, rounded down to what a spoon can do. */
  readonly firstVinegarMl: number;
  readonly firstCitricG: number;
  /** Under 3.6 vinegar thins more than it sours. */
  readonly vinegarWeak: boolean;
}

/** Under this pH vinegar is a weak tool. */
const VINEGAR_WEAK_UNDER = 3.6;

/**
 * Acid for `sauceG` from a measured pH to a wanted one: 5 % vinegar or citric acid, and half of it as the first step.
 * Refuses a wanted pH that is not lower, and one outside 2.8-4.6.
 * Example: 1 kg of brined pepper base at 3.8 for 3.5 is 289 ml of vinegar or 3.2 g of citric acid.
 */
export function souring(base: SauceBase, pH: number, wanted: number, sauceG: number): Outcome<Souring> {
  if (!(wanted < pH)) return refuse('sour-enough', { field: 'wanted', values: { pH, wanted } });
  if (wanted < 2.8 || wanted > 4.6) return refuse('ph-wanted-strange', { field: 'wanted' });
  const q = missingCharge(base, pH, wanted) * (sauceG / 1000);
  const vinegarMl = q / gives(ACETIC_PKA, wanted) / VINEGAR_MMOL_PER_ML;
  const citricG = (q / CITRIC_PKA.reduce((a, pKa) => a + gives(pKa, wanted), 0)) * CITRIC_G_PER_MMOL;
  return done({
    vinegarMl,
    citricG,
    firstVinegarMl: vinegarMl / 2,
    firstCitricG: citricG / 2,
    vinegarWeak: wanted < VINEGAR_WEAK_UNDER
  });
}

function missingCharge(base: SauceBase, pH: number, wanted: number): number {
  return (
    base.buffer * (base.pH0 - wanted) +
    protons(wanted) -
    protons(base.pH0) -
    madeAcid(base, pH) * gives(LACTIC_PKA, wanted)
  );
}

/**
 * The buffer that two readings tell: before, and after so much acid was stirred in. Undefined when the pH did not fall.
 * Example: what `souring` gave, stirred in and measured as wanted, gives the buffer it reckoned with.
 */
export function bufferFrom(
  base: SauceBase,
  before: number,
  after: number,
  sauceG: number,
  added: { readonly vinegarMl: number } | { readonly citricG: number }
): number | undefined {
  if (!(after < before)) return undefined;
  const mmol =
    ('vinegarMl' in added
      ? added.vinegarMl * VINEGAR_MMOL_PER_ML * gives(ACETIC_PKA, after)
      : (added.citricG / CITRIC_G_PER_MMOL) * CITRIC_PKA.reduce((a, pKa) => a + gives(pKa, after), 0)) /
    (sauceG / 1000);
  // mmol = buffer·x + y, with what the made acid gives up on the way counted in.
  const shift = gives(LACTIC_PKA, after) / gives(LACTIC_PKA, before);
  const x = base.pH0 - after - shift * (base.pH0 - before);
  const y = protons(after) - protons(base.pH0) - shift * (protons(before) - protons(base.pH0));
  const buffer = (mmol - y) / x;
  return buffer > 0 && Number.isFinite(buffer) ? buffer : undefined;
}
