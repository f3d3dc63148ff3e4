import { as, onTable, type TrueStrength } from '../quantity/index';
import { brineDensity, salometer, saturation, waterDensity } from '../salt/index';

/** What tells the strength of a plain brine: nothing but salt and water. */
export type BrineScale = 'sg' | 'salometer' | 'brix';

/** Hydrometers of a kitchen are made for water of 20 °C. */
const MADE_FOR_C = 20;
/** A salometer for 60 °F. */
const SALOMETER_C = 15.6;
/**
 * A refractometer's Brix over the brine's mass %: worked out from remembered refractive indices of salt and sugar at 20 °C,
 * ±0.15 °Bx under 5 %; beyond 10 % by the same slope.
 */
const BRIX: readonly (readonly [percent: number, brix: number])[] = [
  [0, 0],
  [1, 1.2],
  [2, 2.4],
  [3.5, 4.2],
  [5, 6.0],
  [10, 11.7],
  [26.4, 30.4]
];

/** What the instrument would show in a brine of that strength at that warmth. */
function shows(scale: BrineScale, strength: TrueStrength, tempC: number): number {
  if (scale === 'brix') return onTable(BRIX, strength * 100);
  const density = brineDensity(strength, tempC);
  if (scale === 'sg') return density / waterDensity(MADE_FOR_C);
  // Its marks were put where brines of 60 °F float it: as deep it floats in any other of that density.
  return salometer(strengthOf((b) => brineDensity(b, SALOMETER_C), density));
}

/** The strength at which a rising measure comes to a value, by halving; held between none and all that water holds. */
function strengthOf(measure: (strength: TrueStrength) => number, value: number): TrueStrength {
  let [low, high] = [0, saturation(MADE_FOR_C) as number];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (measure(as.trueStrength(middle)) < value) low = middle;
    else high = middle;
  }
  return as.trueStrength((low + high) / 2);
}

/**
 * The strength of a plain brine by an instrument, its warmth reckoned in; null where no brine shows that. Never of a
 * ferment: its juice's sugar and acid shift the reading by more than the salt.
 * Example: 1.0225 on a hydrometer in brine of 20 °C is 3.15 %.
 */
export function brineStrengthShown(scale: BrineScale, value: number, tempC: number): TrueStrength | null {
  const measure = (b: TrueStrength) => shows(scale, b, tempC);
  const most = measure(saturation(MADE_FOR_C));
  if (!(value >= measure(as.trueStrength(0)) - TOLERANCE[scale]) || value > most) return null;
  return strengthOf(measure, value);
}

/** What a mark more or less is: plain water may show so little under nothing. */
const TOLERANCE: Record<BrineScale, number> = { sg: 0.002, salometer: 1, brix: 0.2 };
