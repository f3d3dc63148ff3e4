import { fahrenheit, UNITS } from './units';

/** How the household likes to read weights and volumes. */
export type WrittenUnits = 'metric' | 'US' | 'imperial';

const THIN = '\u202f';
/** Between a figure and its unit: a line never breaks there. */
const GLUE = '\u00a0';

/** Thousands in groups with a narrow space, as on a kitchen label. Example: `grouped('1195')` is `1 195`. */
const grouped = (whole: string): string => whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN);

/** A number with at most `places` decimals and no idle zeros. Example: `plain(2.50, 2)` is `'2.5'`. */
export function plain(value: number, places: number): string {
  const fixed = value.toFixed(places);
  const [whole = '0', decimals = ''] = fixed.split('.');
  const kept = decimals.replace(/0+$/, '');
  const sign = whole.startsWith('-') ? '-' : '';
  const text = sign + grouped(whole.replace('-', '')) + (kept ? `.${kept}` : '');
  return text === '-0' ? '0' : text;
}

/** The step a mass is written to, g: for the hand, not for the record. */
export const massStep = (g: number, units: WrittenUnits): number =>
  units === 'metric' || g < UNITS.oz.factor ? (g < 10 ? 0.1 : g < 9999.5 ? 1 : 10) : UNITS.oz.factor / 10;

/**
 * Writes a mass in the household's units; figure and unit are glued by a no-break space, as everywhere here.
 * Example: `writeMass(1195, 'metric')` is `'1 195 g'`; `writeMass(992.23, 'US')` is `'2 lb 3 oz'`; a US 3 g stays `'3 g'`.
 */
export function writeMass(g: number, units: WrittenUnits = 'metric'): string {
  if (g < 0) return `-${writeMass(-g, units)}`;
  // Under an ounce a tenth of one says nothing: scales that read ounces read grams too.
  if (units === 'metric' || g < UNITS.oz.factor) {
    if (g < 9.95) return `${plain(g, 1)}${GLUE}g`;
    if (g < 9999.5) return `${plain(g, 0)}${GLUE}g`;
    return `${plain(g / 1000, 2)}${GLUE}kg`;
  }
  const tenths = Math.round((g / UNITS.oz.factor) * 10);
  const pounds = Math.floor(tenths / 160);
  const ounces = (tenths - pounds * 160) / 10;
  if (pounds === 0) return `${plain(ounces, 1)}${GLUE}oz`;
  return ounces === 0
    ? `${grouped(String(pounds))}${GLUE}lb`
    : `${grouped(String(pounds))}${GLUE}lb${GLUE}${plain(ounces, 1)}${GLUE}oz`;
}

/**
 * Writes a dose of salt, which is always weighed in grams: 0.1 g under 10 g, 0.5 g under 50 g, 1 g above.
 * Example: `writeSalt(23.32)` is `'23.5 g'`.
 */
export function writeSalt(g: number): string {
  return `${plain(roundSalt(g), 1)}${GLUE}g`;
}

/** The rounding of `writeSalt`. Example: `roundSalt(62.4)` is `62`. */
export function roundSalt(g: number): number {
  const step = g < 9.95 ? 0.1 : g < 49.75 ? 0.5 : 1;
  return Math.round(g / step) * step;
}

/** Brine to mix, rounded up once to the next 50 ml. Example: `roundBrineUp(1301)` is `1350`. */
export function roundBrineUp(ml: number): number {
  return ml <= 0 ? 0 : Math.ceil((ml - 1e-9) / 50) * 50;
}

/**
 * Writes a volume in the household's units.
 * Example: `writeVolume(1350, 'metric')` is `'1.35 l'`; `writeVolume(946.35, 'US')` is `'1 quart'`.
 */
export function writeVolume(ml: number, units: WrittenUnits = 'metric'): string {
  if (ml < 0) return `-${writeVolume(-ml, units)}`;
  if (units === 'metric') return ml < 999.5 ? `${plain(ml, 0)}${GLUE}ml` : `${plain(ml / 1000, 2)}${GLUE}l`;
  if (units === 'imperial') {
    if (ml < UNITS.impPint.factor) return `${plain(ml / UNITS.impFloz.factor, 1)}${GLUE}fl${GLUE}oz`;
    return countOf(ml / UNITS.impPint.factor, 'pint');
  }
  if (ml >= UNITS.usQuart.factor * 0.995) return countOf(ml / UNITS.usQuart.factor, 'quart');
  // A cup has quarters on it, a measuring jug fluid ounces: no hand pours 3.92 cups.
  const quarters = Math.round((ml / UNITS.usCup.factor) * 4) / 4;
  const near = quarters > 0 && Math.abs(ml / UNITS.usCup.factor / quarters - 1) < 0.01;
  return near ? countOf(quarters, 'cup') : `${plain(ml / UNITS.usFloz.factor, 1)}${GLUE}fl${GLUE}oz`;
}

/**
 * A height as a ruler has it: whole mm, or inches to the eighth. Examples: `writeHeight(25)` is `'25 mm'`,
 * `writeHeight(25, 'US')` is `'1 in'`, `writeHeight(32, 'US')` is `'1 1/4 in'`.
 */
export function writeHeight(mm: number, units: WrittenUnits = 'metric'): string {
  if (units === 'metric') return `${plain(mm, 0)}${GLUE}mm`;
  const eighths = Math.round((mm / UNITS.inch.factor) * 8);
  const [whole, part] = [Math.floor(eighths / 8), eighths % 8];
  const by = part % 4 === 0 ? 4 : part % 2 === 0 ? 2 : 1;
  const text = [whole > 0 || part === 0 ? String(whole) : '', part > 0 ? `${part / by}/${8 / by}` : ''];
  return `${text.filter((t) => t !== '').join(GLUE)}${GLUE}in`;
}

const countOf = (n: number, unit: string): string => {
  const text = plain(n, 2);
  return `${text}${GLUE}${unit}${text === '1' ? '' : 's'}`;
};

/** A fraction as a percentage. Example: `writePercent(0.02349)` is `'2.3 %'`. */
export function writePercent(fraction: number, places = 1): string {
  return `${(fraction * 100).toFixed(places)}${GLUE}%`;
}

/** A ± in percent points, never "0.0". Example: `writeShare(0.0004)` is `'0.04'`, `writeShare(0.0012)` is `'0.1'`. */
export function writeShare(fraction: number): string {
  return (fraction * 100).toFixed(fraction < 0.0005 ? 2 : 1);
}

/** A temperature in the household's degrees. Example: `writeTemperature(21, 'US')` is `'70 °F'`. */
export const writeTemperature = (tempC: number, units: WrittenUnits): string =>
  units === 'US' ? `${plain(fahrenheit(tempC), 0)}${GLUE}°F` : `${plain(tempC, 1)}${GLUE}°C`;

/** A difference of temperatures, which has no 32. Example: `writeDegrees(5, 'US')` is `'9 °F'`. */
export const writeDegrees = (differenceC: number, units: WrittenUnits): string =>
  units === 'US' ? `${plain(differenceC * 1.8, 0)}${GLUE}°F` : `${plain(differenceC, 1)}${GLUE}°C`;
