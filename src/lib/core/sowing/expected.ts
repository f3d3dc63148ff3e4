import { dayNumber, dayOf, type Day } from '../calendar/index';
import { firstPick, growsAs, yieldG, type Sowing } from './sowing';

/** Weeks begin on Monday; the first of them on 29 December 1969. Example: `weekOf('1970-01-05')` is `1`. */
export const weekOf = (day: Day): number => Math.floor((dayNumber(day) + 3) / 7);
/** Its Monday. */
export const mondayOf = (week: number): Day => dayOf(7 * week - 3);

/** Weeks of picking where neither the household nor the table says: all at once. */
const AT_ONCE = 1;

/**
 * What a sowing is expected to give, week by week, g: as much each week, or swelling to the middle; a frost ends what is
 * tender, and what it would have given later never comes.
 * @param frost `MM-DD` of the year in which it is first picked; null: none is reckoned with
 */
export function expectedOf(s: Sowing, frost: string | null): ReadonlyMap<number, number> {
  const row = growsAs(s.cropId);
  const from = firstPick(s);
  const weeks = Math.max(1, s.weeks ?? row?.weeks ?? AT_ONCE);
  const all = yieldG(s) ?? 0;
  const shape = Array.from({ length: weeks }, (_, i) =>
    row?.swells ? Math.sin((Math.PI * (i + 0.5)) / weeks) : 1
  );
  const sum = shape.reduce((a, x) => a + x, 0);
  const last = row?.tender && frost ? weekOf(frostAfter(s.day, frost)) : Infinity;
  const first = weekOf(from);
  return new Map(shape.flatMap((x, i) => (first + i <= last ? [[first + i, (all * x) / sum] as const] : [])));
}

/** The first frost after a day, by its month and day. */
export function frostAfter(day: Day, frost: string): Day {
  const year = Number(day.slice(0, 4));
  const same = `${year}-${frost}`;
  return same > day ? same : `${year + 1}-${frost}`;
}

/** Spread of a season, and of a week in it, as variances of the logarithm. Model §8 of the season's plan: set. */
const SEASON_VAR = 0.09;
const WEEK_VAR = 0.2;
/** No season is so many times as good, or as bad, as was expected. */
const MOST = 5;

/**
 * How a season's rest is to be scaled by what was picked of it so far, and how sure that is: more by the week.
 * Example: half of what was expected in four weeks: `0.64`, of what is left.
 */
export function scaleBy(
  pickedG: number,
  expectedG: number,
  weeks: number
): { readonly factor: number; readonly sd: number } {
  if (weeks <= 0 || expectedG <= 0) return { factor: 1, sd: Math.sqrt(SEASON_VAR) };
  const w = SEASON_VAR / (SEASON_VAR + WEEK_VAR / weeks);
  const ratio = Math.min(MOST, Math.max(1 / MOST, pickedG / expectedG));
  return { factor: ratio ** w, sd: Math.sqrt(SEASON_VAR * (1 - w)) };
}

/** How far a season that nobody has seen yet may be off, nine times in ten, as a logarithm: its good and bad weeks even out. */
export const seasonSpread = (weeks: number): number =>
  NINE_IN_TEN * Math.sqrt(SEASON_VAR + WEEK_VAR / Math.max(1, weeks));

/** What was picked of a crop on a day, g. */
export interface Picked {
  readonly cropId: string;
  readonly day: Day;
  readonly g: number;
}

export interface WeekOfCrop {
  readonly monday: Day;
  readonly expectedG: number;
  readonly pickedG: number;
}

/** A crop of this season: its weeks, and what is still to come of it. */
export interface CropAhead {
  readonly cropId: string;
  readonly weeks: readonly WeekOfCrop[];
  readonly pickedG: number;
  /** Still to come from this week on, g: likely, and nine times in ten between these. */
  readonly restG: number;
  readonly least: number;
  readonly most: number;
  /** The week that brings most of what is to come; null: nothing comes any more. */
  readonly peak: Day | null;
  /** Against what was expected, by what was picked so far; 1: nothing says otherwise. */
  readonly factor: number;
}

/** One normal spread to each side holds nine in ten. */
const NINE_IN_TEN = 1.6449;

/**
 * Every crop that grows: what was expected and picked week by week, and what is still to come, scaled by what was picked
 * so far. What was picked before its first expected week counts with that; a week counts once it is over.
 * @param picked of the season, whatever of it grew in a bed that was said
 */
export function cropsAhead(
  sowings: readonly Sowing[],
  frost: string | null,
  picked: readonly Picked[],
  today: Day
): CropAhead[] {
  const now = weekOf(today);
  const crops = [...new Set(sowings.map((s) => s.cropId))];
  return crops
    .map((cropId) => cropAhead(cropId, expectedIn(sowings, cropId, { frost, picked, now }), picked, now))
    .filter((c) => c.weeks.length > 0)
    .sort((a, b) => (a.peak ?? '9').localeCompare(b.peak ?? '9') || a.cropId.localeCompare(b.cropId));
}

/** A season is over when nothing of it was to come for so many weeks. */
const OVER_WEEKS = 20;
const isOver = (weeks: ReadonlyMap<number, number>, now: number): boolean =>
  Math.max(...weeks.keys()) < now - OVER_WEEKS;

/** Whether a sowing's season is over: it only teaches. One to which the frost comes first is not, till it would have been picked. */
export const seasonOver = (s: Sowing, frost: string | null, today: Day): boolean =>
  isOver(new Map([[weekOf(firstPick(s)), 0], ...expectedOf(s, frost)]), weekOf(today));

interface Known {
  readonly frost: string | null;
  readonly picked: readonly Picked[];
  readonly now: number;
}

/** What all sowings of a crop give by week, those of seasons that are over left out: those teach what the table is worth here. */
function expectedIn(sowings: readonly Sowing[], cropId: string, known: Known): Map<number, number> {
  const all = sowings
    .filter((s) => s.cropId === cropId)
    .map((s) => ({ s, weeks: expectedOf(s, known.frost) }));
  const taught = taughtBy(
    all.filter((x) => isOver(x.weeks, known.now)).map((x) => x.weeks),
    known.picked.filter((p) => p.cropId === cropId)
  );
  const out = new Map<number, number>();
  for (const { s, weeks } of all.filter((x) => !isOver(x.weeks, known.now)))
    // What a household said itself is not corrected by what was.
    for (const [week, g] of weeks) out.set(week, (out.get(week) ?? 0) + g * (s.g === null ? taught : 1));
  return out;
}

/** A pick so many weeks off its season is of it still. */
const NEAR_WEEKS = 3;

/** What earlier seasons gave against what was expected of them; 1: there is none, or nothing was weighed of it. */
function taughtBy(seasons: readonly ReadonlyMap<number, number>[], picked: readonly Picked[]): number {
  const of = (p: Picked) =>
    seasons.some((weeks) => {
      const week = weekOf(p.day);
      return Math.min(...weeks.keys()) - NEAR_WEEKS <= week && week <= Math.max(...weeks.keys()) + NEAR_WEEKS;
    });
  const pickedG = picked.filter(of).reduce((a, p) => a + p.g, 0);
  const expectedG = seasons.reduce((a, weeks) => a + [...weeks.values()].reduce((b, g) => b + g, 0), 0);
  const n = seasons.reduce((a, weeks) => a + weeks.size, 0);
  return pickedG > 0 ? scaleBy(pickedG, expectedG, n).factor : 1;
}

function cropAhead(
  cropId: string,
  expected: ReadonlyMap<number, number>,
  picked: readonly Picked[],
  now: number
): CropAhead {
  const [first, last] = [Math.min(...expected.keys()), Math.max(...expected.keys())];
  const got = new Map<number, number>();
  for (const p of picked) {
    const week = weekOf(p.day);
    if (p.cropId !== cropId || week < first - OVER_WEEKS || week > Math.max(now, last)) continue;
    got.set(week, (got.get(week) ?? 0) + p.g);
  }
  const over = [...expected.keys()].filter((w) => w < now);
  const sum = (weeks: readonly number[], of: ReadonlyMap<number, number>) =>
    weeks.reduce((a, w) => a + (of.get(w) ?? 0), 0);
  const pickedBefore = [...got].reduce((a, [w, g]) => (w < now ? a + g : a), 0);
  const { factor, sd } = scaleBy(pickedBefore, sum(over, expected), over.length);
  // What this week gave already is not to come.
  const ahead = [...expected]
    .filter(([w]) => w >= now)
    .map(([w, g]) => [w, w === now ? Math.max(0, g * factor - (got.get(w) ?? 0)) : g * factor] as const);
  const restG = ahead.reduce((a, [, g]) => a + g, 0);
  // Of many weeks the good and the bad ones even out.
  const spread = NINE_IN_TEN * Math.hypot(sd, Math.sqrt(WEEK_VAR / Math.max(1, ahead.length)));
  const peak = ahead.reduce<readonly [number, number] | null>((a, x) => (!a || x[1] > a[1] ? x : a), null);
  const from = Math.min(first, ...got.keys());
  const weeks = Array.from({ length: Math.max(last, ...got.keys()) - from + 1 }, (_, i): WeekOfCrop => {
    const week = from + i;
    const scaled = (expected.get(week) ?? 0) * (week >= now ? factor : 1);
    return { monday: mondayOf(week), expectedG: scaled, pickedG: got.get(week) ?? 0 };
  });
  return {
    ...{ cropId, weeks, factor, restG, pickedG: [...got.values()].reduce((a, g) => a + g, 0) },
    ...{ least: restG * Math.exp(-spread), most: restG * Math.exp(spread) },
    peak: peak && restG > 0 ? mondayOf(peak[0]) : null
  };
}
