import { jarsToEat } from '../appetite/index';
import { atTable, type Batch, type Filling } from '../batch/index';
import { addDays, dayOfWall, wall, type Day, type WallMinute } from '../calendar/index';
import { coldSince, type CareHouse } from '../care/index';
import { solidsOf } from '../contents/index';
import { SHELF } from '../larder/index';
import { mondayOf, weekOf, type Picked } from '../sowing/index';
import { styleLike } from '../style/index';
import { SERVING_G, stores } from './household-styles';
import type { OnCounter } from './kinds';
import type { SeasonStyle } from './types';

/** So many weeks before this one are shown beside those to come. */
export const WEEKS_BACK = 8;

/** A kind in the weeks that have passed: what was on the counter, and what came to the table, servings by week. */
export interface KindInPast {
  readonly group: string;
  readonly counter: readonly OnCounter[];
  readonly eaten: readonly number[];
}

/** The weeks that have passed, the oldest first, as a plan shows those to come; weeks of batches count from this one. */
export interface SeasonPast {
  /** Picked, kg. */
  readonly picks: readonly { readonly cropId: string; readonly kg: readonly number[] }[];
  readonly kinds: readonly KindInPast[];
  /** In use at the end of each week. */
  readonly jars: Readonly<Record<string, readonly number[]>>;
  readonly room: Readonly<Record<'counter' | 'cold' | 'cellar', readonly number[]>>;
  /** What the batches that were begun take in hands, as it is reckoned. */
  readonly hours: readonly number[];
}

interface Known {
  readonly batches: readonly Batch[];
  readonly picked: readonly Picked[];
  readonly care: Pick<CareHouse, 'places' | 'courseOf'>;
  readonly styles: readonly SeasonStyle[];
  readonly today: Day;
}

/** What was picked, begun and eaten, and how full everything was, week by week up to the last one that is over. */
export function seasonPast(known: Known): SeasonPast {
  const { batches, picked, styles, today } = known;
  const now = weekOf(today);
  const weeks = Array.from({ length: WEEKS_BACK }, (_, i) => now - WEEKS_BACK + i);
  const sum = <T>(all: readonly T[], of: (one: T) => number) => all.reduce((a, x) => a + of(x), 0);
  const crops = [...new Set(picked.map((p) => p.cropId))];
  const groups = [...new Set(batches.map((b) => styleLike(b.styleId)))];
  const hoursOf = (b: Batch) => {
    const hours = styles.find((s) => s.id === styleLike(b.styleId))?.hours;
    return hours ? hours.fixed + (hours.perKg * sum(b.items, (i) => i.preparedG)) / 1000 : 0;
  };
  return {
    picks: crops
      .map((cropId) => ({
        cropId,
        kg: weeks.map(
          (w) => sum(picked, (p) => (p.cropId === cropId && weekOf(p.day) === w ? p.g : 0)) / 1000
        )
      }))
      .filter((c) => c.kg.some((kg) => kg > 0)),
    kinds: groups
      .map((group) => kindInPast(known, group, weeks))
      .filter((k) => k.counter.length > 0 || k.eaten.some((n) => n > 0)),
    ...fullness(known, weeks),
    hours: weeks.map((w) => sum(batches, (b) => (weekOf(dayOfWall(b.startedAt)) === w ? hoursOf(b) : 0)))
  };
}

function kindInPast({ batches, care, today }: Known, group: string, weeks: readonly number[]): KindInPast {
  const of = batches.filter((b) => styleLike(b.styleId) === group);
  const portions = of.flatMap((b) => b.portions).filter((p) => atTable(p.how));
  return {
    group,
    counter: of
      .map((b) => onCounter(b, care, today))
      .filter((c) => c.until > -WEEKS_BACK)
      .sort((a, b) => a.from - b.from),
    eaten: weeks.map((w) =>
      portions.reduce((a, p) => (weekOf(dayOfWall(p.at)) === w ? a + solidsOf(p.what) / SERVING_G : a), 0)
    )
  };
}

/** From its week up to the one in which it went to the cold, was emptied, or will be ready. */
function onCounter(b: Batch, care: Known['care'], today: Day): OnCounter {
  const inWeeks = (at: WallMinute) => weekOf(dayOfWall(at)) - weekOf(today);
  const from = inWeeks(b.startedAt);
  const ready = jarsToEat(b, care, today).map((j) => weekOf(addDays(today, j.from)) - weekOf(today));
  const left = b.fillings.flatMap((f) => coldSince(f, care.places) ?? f.emptiedAt ?? []).map(inWeeks);
  const stands = b.fillings.some((f) => f.emptiedAt === null && coldSince(f, care.places) === null);
  return {
    ...{ styleId: b.styleId, cropId: b.items[0]?.cropId ?? null, from, planned: false },
    until: Math.max(from + 1, ...(stands ? ready : left)),
    kg: b.items.reduce((a, i) => a + i.preparedG, 0) / 1000
  };
}

/** Jars in use and litres of shelf taken at the end of each week. */
function fullness(
  { batches, care: { places } }: Known,
  weeks: readonly number[]
): Pick<SeasonPast, 'jars' | 'room'> {
  const all = stores(places);
  const roomOf = (placeId: string) =>
    (['counter', 'cold', 'cellar'] as const).find((at) => all[at].some((p) => p.id === placeId));
  const jars: Record<string, number[]> = {};
  const room = { counter: weeks.map(() => 0), cold: weeks.map(() => 0), cellar: weeks.map(() => 0) };
  for (const b of batches)
    for (const f of b.fillings) {
      weeks.forEach((week, i) => {
        const end = wall(mondayOf(week + 1), 0);
        const stay = f.stays.findLast((s) => s.from < end);
        if (!stay || (f.emptiedAt !== null && f.emptiedAt < end)) return;
        (jars[f.jarId] ??= weeks.map(() => 0))[i]! += 1;
        const at = roomOf(stay.placeId);
        if (at) room[at][i]! += (SHELF * f.usableMl * shareLeft(b, f, end)) / 1000;
      });
    }
  return { jars, room };
}

/** What is still in a jar at a time, of what it held when it was full. */
function shareLeft({ portions }: Batch, f: Filling, at: WallMinute): number {
  const full = solidsOf(f.full);
  const gone = portions.reduce((a, p) => (p.fillingId === f.id && p.at < at ? a + solidsOf(p.what) : a), 0);
  return full > 0 ? Math.max(0, 1 - gone / full) : 1;
}
