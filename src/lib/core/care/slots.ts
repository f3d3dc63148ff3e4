import { MINUTES_PER_DAY, minuteOfDay, type WallMinute } from '../calendar/index';
import type { CareKind } from '../batch/index';
import type { Style } from '../style/index';
import type { Lid } from '../vessel/index';

/** Hours at which care is asked for: with breakfast and after supper. */
export const MORNING = 8 * 60;
export const EVENING = 20 * 60;

export interface JarCase {
  readonly style: Style;
  readonly lid: Lid;
  readonly startedAt: WallMinute;
  readonly tempC: number;
  readonly factor: number;
  /** When so many days as at 20-22 °C will have passed. */
  readonly when: (days: number) => WallMinute;
  /** Moved to the cold; null while on the counter. */
  readonly coldSince: WallMinute | null;
  /** How cold it is there; a cellar still sours and gasses. */
  readonly coldC: number | null;
  /** pH was read at or under 4.2 twice. */
  readonly sourTwice: boolean;
  readonly now: WallMinute;
}

/** Slots ahead are worked out so far beyond now. */
const AHEAD = 60 * MINUTES_PER_DAY;
/** And so far back: a jar that stands for years is not looked at two thousand times. */
const BACK = 400 * MINUTES_PER_DAY;

const morningOf = (at: WallMinute) => at - minuteOfDay(at) + MORNING;
/** The first morning at or after. */
const nextMorning = (at: WallMinute) =>
  morningOf(at) >= at ? morningOf(at) : morningOf(at) + MINUTES_PER_DAY;

/** Every so many days from there, up to `to`: those that lie before `back` are left out. */
function every(days: number, from: WallMinute, to: WallMinute, back = -Infinity): WallMinute[] {
  const step = days * MINUTES_PER_DAY;
  const out: WallMinute[] = [];
  const first = from < back ? from + Math.ceil((back - from) / step) * step : from;
  for (let at = first; at <= to; at += step) out.push(at);
  return out;
}

/** Days between tastings by speed: daily when warm, every three when cool. Handbook range one to three. */
const tasteEvery = (factor: number) => Math.min(3, Math.max(1, Math.round(2 * factor)));

/** Gas in days as at 20-22 °C: twice a day in days 2-5, once to day 10, then every third. Common practice. */
function openSlots(c: JarCase, end: WallMinute): WallMinute[] {
  const warmFromFirstEvening = c.tempC >= 25;
  const begins = warmFromFirstEvening ? c.startedAt : c.when(2);
  const twice = [
    ...every(1, morningOf(begins), c.when(5)),
    ...every(1, morningOf(begins) - MORNING + EVENING, c.when(5))
  ];
  const once = every(1, nextMorning(c.when(5)), c.when(10));
  const then = every(3, nextMorning(c.when(10)), end, c.now - BACK);
  return [...new Set([...twice, ...once, ...then])]
    .filter((at) => at >= begins && at > c.startedAt)
    .sort((a, b) => a - b);
}

function lookSlots(c: JarCase, end: WallMinute, opened: readonly WallMinute[]): WallMinute[] {
  const first = nextMorning(c.startedAt + 12 * 60);
  const daily = every(1, first, first + 6 * MINUTES_PER_DAY);
  const then = every(2, first + 8 * MINUTES_PER_DAY, end, c.now - BACK);
  // A jar that is opened that day is looked at with the same hand.
  const openedDays = new Set(opened.map(morningOf));
  return [...daily, ...then].filter((at) => !openedDays.has(morningOf(at)));
}

const isMash = (s: Style): boolean => s.cuts.length === 1 && s.cuts[0] === 'mash';
/** Daily till gassing ends, about ten days as at 20-22 °C. Common practice, no source. */
const stirSlots = (c: JarCase, end: WallMinute) =>
  every(1, nextMorning(c.startedAt + 12 * 60), Math.min(end, c.when(10)));

/** Colder than this the souring all but stops, °C; extension usage, recalled from memory: 40 °F. */
const FRIDGE_C = 4.4;
/** Once in a fridge; in a cellar it goes on gassing: every four days for a month. Common practice, no source. */
const openInCold = (since: WallMinute, tempC: number): WallMinute[] => {
  const first = nextMorning(since + 3 * MINUTES_PER_DAY);
  return tempC <= FRIDGE_C ? [first] : every(4, first, since + 30 * MINUTES_PER_DAY);
};

/** When a kind of care is due for one jar, in order; all of them while it stands on the counter, or after the cold. */
export function slotsOf(c: JarCase): ReadonlyMap<CareKind, readonly WallMinute[]> {
  const end = c.coldSince ?? c.now + AHEAD;
  const firstTaste = nextMorning(c.when(c.style.counterDays.from));
  const opened = c.lid === 'clamped' ? openSlots(c, end) : [];
  const counter: [CareKind, WallMinute[]][] = [
    ['open', opened],
    // A mash has nothing to press down: it is stirred while it gasses, unless an airlock seals it.
    ['look', isMash(c.style) ? [] : lookSlots(c, end, opened)],
    ['stir', isMash(c.style) && c.lid !== 'airlock' ? stirSlots(c, end) : []],
    [
      'airlock',
      c.lid === 'airlock' || c.lid === 'water channel'
        ? every(7, morningOf(c.startedAt) + 7 * MINUTES_PER_DAY, end, c.now - BACK)
        : []
    ],
    ['juice', c.style.salting === 'dry' ? [c.startedAt + MINUTES_PER_DAY] : []],
    ['taste', every(tasteEvery(c.factor), firstTaste, end, c.now - BACK)],
    [
      'pH',
      c.sourTwice
        ? []
        : [nextMorning(c.when(4)), firstTaste, nextMorning(c.when(lineDays(c.style, c.tempC)))].sort(
            (a, b) => a - b
          )
    ],
    ['toCold', [nextMorning(c.when(c.style.counterDays.to))]]
  ];
  const cold: [CareKind, WallMinute[]][] =
    c.coldSince === null
      ? []
      : [
          ['openInCold', c.lid === 'clamped' ? openInCold(c.coldSince, c.coldC ?? 4) : []],
          ['level', every(30, nextMorning(c.coldSince + 30 * MINUTES_PER_DAY), c.now + AHEAD, c.now - BACK)]
        ];
  const upTo = (at: WallMinute) => c.coldSince === null || at <= c.coldSince;
  return new Map([...counter.map(([kind, slots]) => [kind, slots.filter(upTo)] as const), ...cold]);
}

/** The style's day for the pH line as days at 20-22 °C-pace; cool places have their own, in plain days. */
function lineDays(s: Style, tempC: number): number {
  return tempC < 18 ? s.pHDays.cool / 1.8 : s.pHDays.usual;
}

/** The plain day of the pH line at a place. Example: kraut at 21 °C is `7`, at 17 °C `10`. */
export function pHLineDay(s: Style, tempC: number): number {
  return tempC < 18 ? s.pHDays.cool : s.pHDays.usual;
}
