import type { Token } from './token';
import { APPROXIMATELY, OR_SO } from './words';

export const isMark = (t: Token | undefined, ...marks: string[]): boolean =>
  t?.kind === 'mark' && marks.includes(t.word);
export const isWord = (t: Token | undefined, ...words: string[]): boolean =>
  t?.kind === 'word' && words.includes(t.word);
export const wordOf = (t: Token | undefined): string => (t?.kind === 'word' ? t.word : '');

/** Words that only say that it is not exact, from there on. */
export function skipAbout(all: readonly Token[], at: number): At<boolean> {
  let end = at;
  while (APPROXIMATELY.has(wordOf(all[end])) || isMark(all[end], '~')) end += 1;
  return { value: end > at, end };
}

/** "or so", "more or less", "give or take", behind an amount. */
export function skipOrSo(all: readonly Token[], at: number): At<boolean> {
  for (const words of OR_SO)
    if (words.every((w, i) => isWord(all[at + i], w))) return { value: true, end: at + words.length };
  return { value: false, end: at };
}
export interface At<T> {
  readonly value: T;
  readonly end: number;
}
