import { usualTarget, type BatchInHand, type Filling } from '../batch/index';
import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { aheadOf, outlookSketched, type Ahead, type HouseKnows, type Outlook } from '../outlook/index';
import type { Place, Rounds } from '../kit/index';
import { style, styleMade } from '../style/index';

/** What a jar's care goes by: when it most likely comes to each window, and its gas. */
export interface CareCourse {
  /** null: not in the time that was looked at. */
  readonly firstTaste: WallMinute | null;
  readonly tangy: WallMinute | null;
  readonly fullySour: WallMinute | null;
  /** The last sensible day on the counter. */
  readonly last: WallMinute | null;
  /** When a clamped lid wants opening for its pressure. */
  readonly openings: readonly WallMinute[];
  /** Bubbles are to be seen from when on, are lively, and have slowed. */
  readonly bubbles: WallMinute | null;
  readonly lively: WallMinute | null;
  readonly settles: WallMinute | null;
  /** Its contents swell over the brim. */
  readonly runsOver: boolean;
}

/** What care stands on: the household's places, and each jar's course. */
export interface CareHouse {
  readonly places: readonly Place[];
  readonly rounds: Rounds;
  readonly courseOf: (b: BatchInHand, f: Filling) => CareCourse;
  /** Whether a jar stands still, of any batch: what waits for it waits so long. Absent: nothing is known to be eaten. */
  readonly stands?: (fillingId: string) => boolean;
}

/** Courses as they were reckoned, by jar, each with what it was reckoned from: a jar of which nothing new is known has its course. */
export type Courses = Map<string, { readonly of: string; readonly course: CareCourse }>;
const MOST_COURSES = 1000;
/** So many days at once more are looked ahead, so that the mere passing of a day changes nothing. */
const BY_DAYS = 14;

/** Care by the forecast, as far as a household knows its ferments. */
export function careBy(knows: HouseKnows, now: WallMinute, courses: Courses = new Map()): CareHouse {
  // A jar is asked for by whoever looks at it: as its batch stands, it is told once.
  const told = new WeakMap<BatchInHand, Map<Filling, CareCourse>>();
  const courseOf = (b: BatchInHand, f: Filling): CareCourse => {
    const ofBatch = told.get(b) ?? new Map<Filling, CareCourse>();
    const course = ofBatch.get(f) ?? courseFor(b, f);
    told.set(b, ofBatch.set(f, course));
    return course;
  };
  const courseFor = (b: BatchInHand, f: Filling): CareCourse => {
    // Where nobody knows its salt, care goes by the usual.
    const ahead = aheadOf(b, f, knows, now, usualTarget(b));
    if (!ahead) return usualCourse(b);
    const asked = { ...ahead, now: b.startedAt, days: Math.ceil(ahead.days / BY_DAYS) * BY_DAYS };
    const of = JSON.stringify(asked);
    const before = courses.get(f.id);
    if (before?.of === of) return before.course;
    const course = { ...courseIn(farEnough(asked)), ...ownDays(b) };
    if (courses.size >= MOST_COURSES) courses.clear();
    courses.set(f.id, { of, course });
    return course;
  };
  return { places: knows.places, rounds: knows.rounds, courseOf };
}

/** Cool and salty jars come late to their last sensible day: for them it is looked farther, up to two thirds of a year. */
function farEnough(ahead: Ahead): Outlook {
  const found = outlookSketched(ahead);
  if (found.spans.last.likely !== null || ahead.days >= MOST_DAYS) return found;
  return farEnough({ ...ahead, days: Math.min(MOST_DAYS, 2 * ahead.days) });
}
const MOST_DAYS = 240;

function courseIn({ spans, gas, phases, fullySour }: Outlook): CareCourse {
  const from = (phase: string) => phases.find((p) => p.phase === phase)?.from ?? null;
  return {
    firstTaste: spans.firstTaste.likely,
    tangy: spans.tangy.likely,
    fullySour,
    last: later(spans.last.likely, fullySour),
    openings: gas.openings,
    bubbles: from('firstBubbles'),
    lively: from('lively'),
    settles: from('settling'),
    runsOver: gas.fills > 1
  };
}
const later = (a: WallMinute | null, b: WallMinute | null) => (a !== null && b !== null ? Math.max(a, b) : a);

/** Days that a household said of its own way of a style rule over what is reckoned. */
function ownDays(b: BatchInHand): Partial<CareCourse> {
  const [made, table] = [styleMade(b)?.counterDays, style(b.styleId)?.counterDays];
  if (!made || !table || (made.from === table.from && made.to === table.to)) return {};
  const { firstTaste, fullySour, last } = usualCourse(b);
  return { firstTaste, fullySour, last };
}

/** Of what nobody knows even the crops: the style's usual days on a usual counter. */
function usualCourse(b: BatchInHand): CareCourse {
  const days = (n: number) => b.startedAt + n * MINUTES_PER_DAY;
  const { from, to } = styleMade(b)?.counterDays ?? { from: 5, to: 28 };
  return {
    firstTaste: days(from),
    tangy: days((from + to) / 2),
    fullySour: days(to),
    last: days(to),
    ...{ openings: [], bubbles: days(1), lively: days(2), settles: days(7), runsOver: false }
  };
}
