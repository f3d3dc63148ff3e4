/** What a kitchen scale says, ten times a second. */
export interface ScaleReading {
  /** ms on the elapsed clock. */
  readonly at: number;
  /** Net of what was tared away, g, in whole steps; null when it shows nothing. */
  readonly g: number | null;
  /** It shows this unit; the reading is in grams all the same. */
  readonly unit: 'g' | 'oz';
  /** It has stood still long enough to be taken. */
  readonly settled: boolean;
  readonly state: 'on' | 'off' | 'overload';
}

/** What a scale is. */
export interface ScaleSpec {
  readonly name: string;
  readonly stepG: number;
  readonly capacityG: number;
}

/** So long within one step, and so many readings at least, and it stands still. Common practice, no source. */
const STILL_MS = 700;
const STILL_READINGS = 5;

/**
 * Whether the last readings stand still: within one step of each other for 0.7 s (`stillMs`). For scales
 * that do not say so themselves. Example: six readings of 842 g over 0.8 s are settled, 840 and 845 g are not.
 */
export function standsStill(
  last: readonly { readonly at: number; readonly g: number }[],
  stepG: number,
  stillMs = STILL_MS
): boolean {
  const newest = last.at(-1);
  if (!newest) return false;
  const seen = last.filter((r) => newest.at - r.at <= stillMs);
  const longEnough = (last.find((r) => newest.at - r.at >= stillMs) ?? null) !== null;
  const values = seen.map((r) => r.g);
  return (
    longEnough && seen.length >= STILL_READINGS && Math.max(...values) - Math.min(...values) <= stepG + 1e-9
  );
}

/** A reading as it is typed into a field. Example: 842 g is `'842 g'`; 226.8 g shown in ounces is `'8 oz'`. */
export function takenText(r: Pick<ScaleReading, 'g' | 'unit'>, stepG: number): string {
  const g = r.g ?? 0;
  if (r.unit === 'oz') return `${Math.round((g / 28.349523125) * 100) / 100} oz`;
  const places = stepG < 1 ? 1 : 0;
  return `${g.toFixed(places).replace(/\.0$/, '')} g`;
}
