import type { RefusalCode } from '../core/refusal';

export type Values = Readonly<Record<string, string | number>>;

/** What is wrong, and what would work. */
export type Words = readonly [says: string, wouldWork: string];

/** Sentences of one area. */
export type WordsOf = Partial<Record<RefusalCode, Words | ((v: Values) => Words)>>;

/** Grams in a sentence. */
export const grams = (v: string | number | undefined): string => `${Math.round(Number(v ?? 0))} g`;

/** How an amount may be written. */
export const eg = (v: Values): string => `Write it like ${v.examples ?? '1 195 g, 2 lb 3 oz'}.`;
