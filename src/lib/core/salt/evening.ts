/**
 * How salt evens out into a piece: a long cylinder in well-stirred brine.
 * D in m²/s: raw flesh and skin 1-3e-10; shredded and bruised, blanched or already sour 0.5-1e-9. Recalled, weak.
 */
export const RAW_FLESH_D = 1.5e-10;
export const BRUISED_D = 1e-9;

/** First zero of the Bessel function J0; the slowest part falls to 1/e in r²/(j0² D). */
const J0 = 2.404825557695773;
/** The mean excess starts at this share of the slowest part: 4/j0². */
const SLOWEST_SHARE = 4 / J0 ** 2;

/** Hours in which the slowest part falls to 1/e. Example: 5 mm at 1e-9 is `1.2`. */
export function timeConstantHours(radiusMm: number, d: number): number {
  return (radiusMm / 1000) ** 2 / (J0 ** 2 * d) / 3600;
}

/** Hours until a piece is 95 % even. Example: 5 mm at 1.5e-10 is 21 h, a 4 cm whole cucumber two weeks. */
export function evenAfterHours(radiusMm: number, d: number): number {
  return Math.log(SLOWEST_SHARE / 0.05) * timeConstantHours(radiusMm, d);
}

/** Share of its final salt that the flesh has after so many hours, 0-1. Example: at `evenAfterHours` it is `0.95`. */
export function fleshShare(hours: number, radiusMm: number, d: number): number {
  return Math.min(1, Math.max(0, 1 - SLOWEST_SHARE * Math.exp(-hours / timeConstantHours(radiusMm, d))));
}
