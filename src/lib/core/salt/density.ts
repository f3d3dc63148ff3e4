import { as, onTable, type TrueStrength } from '../quantity/index';

/**
 * Density of water, g/ml, 0-40 °C at 1 atm.
 * Source: Kell 1975, recalled from memory; within 1e-5 of the TEOS-10 library.
 * Example: `waterDensity(20)` is `0.99820…`.
 */
export function waterDensity(tempC: number): number {
  const t = tempC;
  const over =
    999.83952 +
    16.945176 * t -
    7.9870401e-3 * t ** 2 -
    46.170461e-6 * t ** 3 +
    105.56302e-9 * t ** 4 -
    280.54253e-12 * t ** 5;
  return over / (1 + 16.87985e-3 * t) / 1000;
}

/**
 * Density of sodium-chloride brine, g/ml; strength b as mass fraction 0-0.26, 0-40 °C.
 * Source: fit to the table in tests/support/brine-density.csv, largest error 1.2e-4.
 * Example: `brineDensity(as.trueStrength(0.03), 20)` is `1.0196…`.
 */
export function brineDensity(strength: TrueStrength, tempC: number): number {
  const b = strength;
  const t = tempC;
  return (
    waterDensity(t) +
    b * (0.76153 - 0.0032449 * t + 3.2991e-5 * t ** 2) +
    b ** 2 * (0.037295 + 0.0052092 * t - 6.7803e-5 * t ** 2) +
    0.38246 * b ** 3
  );
}

/** Saturation, mass %, at °C. Source: CRC Handbook, recalled from memory, ±0.05. */
const SATURATION: readonly (readonly [number, number])[] = [
  [0, 26.28],
  [10, 26.32],
  [20, 26.41],
  [25, 26.45],
  [30, 26.52],
  [40, 26.67]
];

/**
 * The strongest brine there is at that temperature, as a mass fraction; straight lines between the table's rows.
 * Example: `saturation(20)` is `0.2641`.
 */
export const saturation = (tempC: number): TrueStrength => as.trueStrength(onTable(SATURATION, tempC) / 100);

/** Salometer degrees: 100 at 26.395 % (60 °F). Example: `salometer(as.trueStrength(0.03))` is `11.37`. */
export function salometer(strength: TrueStrength): number {
  return (100 * strength) / 0.26395;
}
