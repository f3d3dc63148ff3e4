import { styleLike } from '../style/index';
import { likeOf } from '../produce/index';

/** What tested guides say until it is fully sour, days. */
export interface GuideSpan {
  readonly from: number;
  readonly to: number;
}

/** Under and over these no guide speaks, °C. */
const SPEAKS = { from: 15.5, to: 24.5 };
/** Between the cool room and the usual one the weeks are drawn straight, °C. */
const COOL = { to: 18, days: { from: 35, to: 42 } };
const USUAL = { from: 21, days: { from: 21, to: 28 } };

/**
 * Shredded cabbage and whole cucumbers: three to four weeks at 21 to 24 °C, five to six at 16 to 18 °C. US extension guides
 * (USDA Complete Guide to Home Canning, Guide 6), recalled from memory. Null where no tested guide speaks of the style or of
 * such warmth.
 */
export function guideSpan(
  styleId: string,
  cropId: string,
  wholePieces: boolean,
  tempC: number
): GuideSpan | null {
  const spoken =
    styleLike(styleId) === 'shredded' ||
    (styleLike(styleId) === 'pieces' && wholePieces && likeOf(cropId) === 'cucumber-small');
  if (!spoken || tempC < SPEAKS.from || tempC > SPEAKS.to) return null;
  const x = Math.min(1, Math.max(0, (tempC - COOL.to) / (USUAL.from - COOL.to)));
  const mixed = (end: 'from' | 'to') => COOL.days[end] + x * (USUAL.days[end] - COOL.days[end]);
  return { from: mixed('from'), to: mixed('to') };
}
