import type { Crop } from '../produce/index';

/**
 * What people type, cut into numbers, words and marks. Every reader starts here, so that "1 1/2", "2–3" or "half a dozen"
 * are the same number wherever they are said.
 */
export interface NumberToken {
  readonly kind: 'number';
  readonly said: string;
  readonly value: number;
  /** "2-3", "2 to 3": the upper end. */
  readonly high?: number;
  /** "1,250": the other way to read it. */
  readonly other?: number;
  /** Grouped by an ordinary space, which may also part a count from a weight: "2 500 g bags". */
  readonly spaced?: true;
  /** Said in words that are themselves vague: "a couple". */
  readonly loose?: true;
}
export interface WordToken {
  readonly kind: 'word';
  /** Lower case, without dots. */
  readonly word: string;
  readonly said: string;
  /** The household's own crop whose name begins here, and how many words it has. */
  readonly own?: { readonly crop: Crop; readonly words: number };
}
export interface MarkToken {
  readonly kind: 'mark';
  readonly word: string;
  readonly said: string;
}
export type Token = NumberToken | WordToken | MarkToken;
