import { amountAt } from './amount';
import { NINE_IN_TEN } from './parts';
import { isMark, isWord, type At } from './at';
import type { Bit, Stop } from './dose-bits';
import type { Token } from './token';

const MARKS: ReadonlyMap<string, 'idle' | 'comma' | 'colon' | 'prep' | 'open' | 'close' | 'and'> = new Map([
  ['.', 'idle'],
  ['!', 'idle'],
  ['?', 'idle'],
  ['~', 'idle'],
  ['*', 'idle'],
  [',', 'comma'],
  [';', 'comma'],
  ['-', 'comma'],
  [':', 'colon'],
  ['=', 'colon'],
  ['/', 'prep'],
  ['(', 'open'],
  [')', 'close'],
  ['&', 'and'],
  ['+', 'and']
]);
export function markAt(all: readonly Token[], at: number): At<Bit> | Stop {
  const mark = all[at]?.said ?? '';
  const is = MARKS.get(mark);
  const below = mark === '-' && at === 0;
  return is && !below ? { value: { is }, end: at + 1 } : { stop: 'dose-word-unknown', word: mark };
}
const PERCENT = ['percent', 'pct', 'percents'];
export function percentAt(all: readonly Token[], at: number): At<Bit> | undefined {
  const n = all[at];
  if (n?.kind !== 'number') return undefined;
  const per = isWord(all[at + 1], 'per') && isWord(all[at + 2], 'cent');
  const again =
    isMark(all[at + 1], '%') && (isMark(all[at + 2], '-') || isWord(all[at + 2], 'to', 'or'))
      ? all[at + 3]
      : undefined;
  // "2 % to 3 %".
  if (again?.kind === 'number' && isMark(all[at + 4], '%') && again.value > n.value)
    return { value: percent(n.value, again.value), end: at + 5 };
  if (!per && !isMark(all[at + 1], '%') && !isWord(all[at + 1], ...PERCENT)) return undefined;
  return { value: percent(n.value, n.high), end: at + (per ? 3 : 2) };
}
const percent = (low: number, high = low): Bit => ({
  is: 'percent',
  fraction: (low + high) / 200,
  gsd: high > low && low > 0 ? (high / low) ** (1 / (2 * NINE_IN_TEN)) : 1
});

/** "1:20", "one part salt to twenty parts water", "1 part in 20". */
export function ratioAt(all: readonly Token[], at: number): At<Bit> | undefined {
  const one = all[at];
  if (one?.kind !== 'number') return undefined;
  if (one.high === undefined && isMark(all[at + 1], ':', '/')) {
    const other = all[at + 2];
    return other?.kind === 'number' &&
      amountAt(all, at + 2, 'metric') === undefined &&
      !isMark(all[at + 3], '%')
      ? { value: { is: 'ratio', one: one.value, other: other.value }, end: at + 3 }
      : undefined;
  }
  if (!isWord(all[at + 1], 'part', 'parts')) return undefined;
  let end = at + 2;
  while (isWord(all[end], 'of', 'salt', 'the', 'by', 'weight')) end += 1;
  if (!isWord(all[end], 'to', 'in', 'per', 'for') && !isMark(all[end], ':', ',')) return undefined;
  const other = all[end + 1];
  if (other?.kind !== 'number') return undefined;
  const parts = isWord(all[end + 2], 'part', 'parts');
  return { value: { is: 'ratio', one: one.value, other: other.value }, end: end + (parts ? 3 : 2) };
}
