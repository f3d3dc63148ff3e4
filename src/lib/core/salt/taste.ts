import type { Spread } from '../quantity/index';

/** What the tongue says of juice or brine, and the salinity that people mean by it. */
export interface TasteWord {
  readonly id: 'bland' | 'soup' | 'salty' | 'sea';
  readonly says: string;
  /** Equilibrium salinity, mass fraction, one sd. */
  readonly salinity: Spread;
}

/** Common practice, no source: a well-seasoned soup is 1.5-2 %; the tongue is out by a quarter or so. */
export const TASTE_WORDS: readonly TasteWord[] = [
  { id: 'bland', says: 'bland', salinity: { mean: 0.009, sd: 0.003 } },
  { id: 'soup', says: 'like a well-seasoned soup', salinity: { mean: 0.0175, sd: 0.004 } },
  { id: 'salty', says: 'too salty for a soup', salinity: { mean: 0.026, sd: 0.006 } },
  { id: 'sea', says: 'like the sea', salinity: { mean: 0.036, sd: 0.008 } }
];

/** Example: `tasteWord('soup')?.salinity.mean` is `0.0175`. */
export const tasteWord = (id: string): TasteWord | undefined => TASTE_WORDS.find((t) => t.id === id);

/** Seasoned by taste: like a well-seasoned soup, about 1.5-2 % where it ends. Common practice, no source. */
export const BY_TASTE = { fraction: 0.0175, gsd: 1.1 };
