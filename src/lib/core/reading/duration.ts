import { done, refuse, type Outcome } from '../refusal/index';
import { isMark, isWord } from './at';
import { textOf } from './quantity';
import type { Token } from './token';
import { tokens } from './tokens';

/** Minutes of each unit, by the words for it, the largest first. */
const UNITS: readonly (readonly [minutes: number, words: readonly string[]])[] = [
  [1440, ['day', 'days', 'd']],
  [60, ['h', 'hour', 'hours', 'hr', 'hrs']],
  [1, ['min', 'mins', 'minute', 'minutes', 'm']],
  [1 / 60, ['s', 'sec', 'secs', 'second', 'seconds']]
];
const EXAMPLES = '20 min, 1 h 30, 90 s';

/** A timer of less than ten seconds, or of more than a week, is a slip. Our judgement; minutes. */
const RANGE = { least: 1 / 6, most: 7 * 1440 };

/**
 * How long, as typed or said, in minutes: "20", "20 min", "1 h 30", "1:30", "half an hour", "an hour and a half", "90 s". A
 * bare number is minutes; of "20-30 min" the first is taken, for that is when one looks. Every word is used or named.
 * Example: `readDuration('1 h 30')` answers 90.
 */
export function readDuration(text: string): Outcome<number> {
  const said = text.trim();
  const values = { said: said.slice(0, 60), examples: EXAMPLES };
  const all = tokens(said.slice(0, 60));
  if (said === '') return refuse('nothing-said', { values });
  if (isMark(all[0], '-')) return refuse('negative', { values });
  const minutes = clockwise(all) ?? spoken(all);
  if (minutes === null || said.length > 60)
    return refuse('not-understood', { values: { ...values, rest: textOf(all) } });
  return minutes < RANGE.least || minutes > RANGE.most
    ? refuse('time-out-of-range', { values })
    : done(minutes);
}

/** "1:30" is hours and minutes. */
function clockwise(all: readonly Token[]): number | null {
  const [hours, mark, minutes, more] = all;
  if (hours?.kind !== 'number' || !isMark(mark, ':') || minutes?.kind !== 'number' || more) return null;
  return minutes.value < 60 ? hours.value * 60 + minutes.value : null;
}

/** Amounts with their units, each smaller than the one before. */
function spoken(all: readonly Token[]): number | null {
  let [sum, last] = [0, Infinity];
  for (let at = 0; at < all.length;) {
    if (at > 0 && isWord(all[at], 'and')) at += 1;
    const n = all[at];
    const value = n?.kind === 'number' ? n.value : isWord(n, 'an', 'a', 'one') ? 1 : null;
    if (value === null) return null;
    const unit = UNITS.find(([, words]) => isWord(all[at + 1], ...words))?.[0];
    if (unit === undefined) {
      const behind = at === all.length - 1 ? bare(value, last) : null;
      return behind === null ? null : sum + behind;
    }
    if (unit >= last) return null;
    sum += value * unit;
    last = unit;
    at += 2;
  }
  return sum;
}

/** Minutes of a number without a unit: behind "an hour and", a half is of the hour; behind hours or alone it is minutes. */
function bare(value: number, last: number): number | null {
  if (last !== Infinity && value < 1) return value * last;
  return last === Infinity || last === 60 ? value : null;
}
