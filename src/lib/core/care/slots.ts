import { MINUTES_PER_DAY, minuteOfDay, type WallMinute } from '../calendar/index';
import type { CareKind, Filling } from '../batch/index';
import type { Rounds } from '../kit/index';
import type { Style } from '../style/index';
import type { Lid } from '../vessel/index';
import type { CareCourse, CareHouse } from './course';
import type { JarCase } from './jar-case';

/** A jar as the calendar of its care takes it. */
export interface CareCase extends JarCase {
  /** Care is asked for when the household goes round. */
  readonly rounds: Rounds;
  readonly lid: Lid;
  readonly startedAt: WallMinute;
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

type InRounds = Pick<CareCase, 'rounds'>;
const morningOf = ({ rounds }: InRounds, at: WallMinute) => at - minuteOfDay(at) + rounds.morning;
/** The evening of the same day. */
const eveningOf = ({ rounds }: InRounds, at: WallMinute) => at - minuteOfDay(at) + rounds.evening;
/** The first morning at or after. */
const nextMorning = (c: InRounds, at: WallMinute) =>
  morningOf(c, at) >= at ? morningOf(c, at) : morningOf(c, at) + MINUTES_PER_DAY;

/** Every so many days from there, up to `to`: those that lie before `back` are left out. */
function every(days: number, from: WallMinute, to: WallMinute, back = -Infinity): WallMinute[] {
  const step = days * MINUTES_PER_DAY;
  const out: WallMinute[] = [];
  const first = from < back ? from + Math.ceil((back - from) / step) * step : from;
  for (let at = first; at <= to; at += step) out.push(at);
  return out;
}

/** Days between tastings by speed: three from the first taste until it is tangy, every one to three days. Common practice. */
const tasteEvery = ({ firstTaste, tangy }: CareCourse) =>
  firstTaste === null || tangy === null
    ? 3
    : Math.min(3, Math.max(1, Math.round((tangy - firstTaste) / MINUTES_PER_DAY / 3)));

/** From here on a kitchen is warm: a clamped lid is opened from the first evening. Common practice. */
const WARM_C = 25;
/** An opening so near to that of the morning or evening is that one. */
const NEAR = 3 * 60;

/**
 * A clamped lid by its gas, and at the least as the trade opens it: twice a day in days 2-5 (in a warm kitchen from the first
 * evening), once to day 7 and on to day 10 as long as it bubbles, then every third. Common practice.
 */
function openSlots(c: CareCase, course: CareCourse, end: WallMinute): WallMinute[] {
  const days = (n: number) => c.startedAt + n * MINUTES_PER_DAY;
  const begins = c.tempC >= WARM_C ? c.startedAt : days(2);
  const twice = [...every(1, morningOf(c, begins), days(5)), ...every(1, eveningOf(c, begins), days(5))];
  const slows = Math.min(days(10), Math.max(days(7), course.settles ?? days(10)));
  const once = every(1, nextMorning(c, days(5)), slows);
  const then = every(3, nextMorning(c, slows), end, c.now - BACK);
  const floor = [...twice, ...once, ...then].filter((at) => at >= begins && at > c.startedAt);
  const more = course.openings.filter(
    (at) => at > c.startedAt && at <= end && !floor.some((f) => Math.abs(f - at) <= NEAR)
  );
  return [...new Set([...floor, ...more])].sort((a, b) => a - b);
}

const NOON = 12 * 60;
function lookSlots(c: CareCase, end: WallMinute, opened: readonly WallMinute[]): WallMinute[] {
  const first = nextMorning(c, c.startedAt + 12 * 60);
  const daily = every(1, first, first + 6 * MINUTES_PER_DAY);
  const then = every(2, first + 8 * MINUTES_PER_DAY, end, c.now - BACK);
  // A jar that is opened that morning is looked at with the same hand.
  const openedDays = new Set(opened.filter((at) => minuteOfDay(at) <= NOON).map((at) => morningOf(c, at)));
  return [...daily, ...then].filter((at) => !openedDays.has(morningOf(c, at)));
}

const isMash = (s: Style): boolean => s.cuts.length === 1 && s.cuts[0] === 'mash';
/** Daily till the gas slows; a day later nobody needs to make up for it. */
function stirSlots(c: CareCase, course: CareCourse, end: WallMinute): WallMinute[] {
  const till = Math.min(end, course.settles ?? end);
  return c.now > till + MINUTES_PER_DAY ? [] : every(1, nextMorning(c, c.startedAt + 12 * 60), till);
}

/** On the morning or evening before it is lively, until the gas slows: a jar whose contents will swell over its brim. */
function traySlots(c: CareCase, { runsOver, lively, settles }: CareCourse): WallMinute[] {
  if (!runsOver || lively === null || c.now > (settles ?? Infinity)) return [];
  const morning = morningOf(c, lively);
  const before = [eveningOf(c, lively), morning, eveningOf(c, lively - MINUTES_PER_DAY)];
  return before.filter((at) => at <= lively && at > c.startedAt).slice(0, 1);
}

/** Colder than this the souring all but stops, °C; extension usage, recalled from memory: 40 °F. */
const FRIDGE_C = 4.4;
/** Once in a fridge; in a cellar it goes on gassing: every four days for a month. Common practice, no source. */
const openInCold = (c: InRounds, since: WallMinute, tempC: number): WallMinute[] => {
  const first = nextMorning(c, since + 3 * MINUTES_PER_DAY);
  return tempC <= FRIDGE_C ? [first] : every(4, first, since + 30 * MINUTES_PER_DAY);
};

/** The kinds that a jar wants in the cold. */
export function coldSlots(c: CareCase): ReadonlyMap<CareKind, readonly WallMinute[]> {
  if (c.coldSince === null) return new Map();
  return new Map([
    ['openInCold', c.lid === 'clamped' ? openInCold(c, c.coldSince, c.coldC ?? 4) : []],
    ['level', every(30, nextMorning(c, c.coldSince + 30 * MINUTES_PER_DAY), c.now + AHEAD, c.now - BACK)]
  ]);
}

/** When a kind of care is due for one jar that stands on the counter, in order. */
export function counterSlots(c: CareCase, course: CareCourse): ReadonlyMap<CareKind, readonly WallMinute[]> {
  const end = c.now + AHEAD;
  const opened = c.lid === 'clamped' ? openSlots(c, course, end) : [];
  const days = (n: number) => c.startedAt + n * MINUTES_PER_DAY;
  const morning = (at: WallMinute | null) => (at === null ? [] : [nextMorning(c, at)]);
  const tastes = morning(course.firstTaste).flatMap((at) => every(tasteEvery(course), at, end, c.now - BACK));
  const line = nextMorning(c, days(pHLineDay(c.style, c.tempC)));
  const pH = [...new Set([nextMorning(c, days(4)), ...morning(course.firstTaste), line])];
  return new Map<CareKind, WallMinute[]>([
    ['open', opened],
    // A mash has nothing to press down: it is stirred while it gasses, unless an airlock seals it.
    ['look', isMash(c.style) ? [] : lookSlots(c, end, opened)],
    ['stir', isMash(c.style) && c.lid !== 'airlock' ? stirSlots(c, course, end) : []],
    ['tray', traySlots(c, course)],
    [
      'airlock',
      c.lid === 'airlock' || c.lid === 'water channel'
        ? every(7, morningOf(c, c.startedAt) + 7 * MINUTES_PER_DAY, end, c.now - BACK)
        : []
    ],
    ['juice', c.style.salting === 'dry' ? [days(1)] : []],
    ['taste', tastes],
    ['pH', c.sourTwice ? [] : pH.sort((a, b) => a - b)],
    ['toCold', morning(course.last)]
  ]);
}

/** A jar that waits for another has its turn to be moved when that one is eaten: at the round after it was queued. */
export function withTurn(
  c: InRounds,
  f: Pick<Filling, 'waitsFor'>,
  stands: CareHouse['stands'],
  slots: ReadonlyMap<CareKind, readonly WallMinute[]>
): ReadonlyMap<CareKind, readonly WallMinute[]> {
  if (!f.waitsFor || (stands?.(f.waitsFor.fillingId) ?? true)) return slots;
  const { since } = f.waitsFor;
  const turn = eveningOf(c, since) >= since ? eveningOf(c, since) : nextMorning(c, since);
  return new Map([...slots, ['toCold', [turn, ...(slots.get('toCold') ?? []).filter((at) => at > turn)]]]);
}

/** The plain day of the pH line at a place. Example: kraut at 21 °C is `7`, at 17 °C `10`. */
export function pHLineDay(s: Style, tempC: number): number {
  return tempC < 18 ? s.pHDays.cool : s.pHDays.usual;
}
