import { contentsG, leftG, standing, type Batch } from '../batch/index';
import { dayNumber, dayOfWall, MINUTES_PER_DAY, type Day, type WallMinute } from '../calendar/index';
import { verdictOn, type CareHouse } from '../care/index';
import { solidsOf } from '../contents/index';
import { plannedUses, type Place } from '../kit/index';
import { keepingDays, keepUntil } from '../larder/index';
import { styleLike } from '../style/index';
import { appetiteOf, type Appetite } from './appetite';
import { eatDowns, type EatDowns, type JarToEat } from './eat-down';
import { jarsBack, type JarBack } from './jars-back';
import { eatenOf, type TaughtByEating } from './eaten';
import { eatersFrom, type Table } from './table';

/** A kind of ferment, by its style: what there is and comes, how it is eaten, and how it goes down. */
export interface KindAhead {
  readonly style: string;
  /** What stands in the cold now, g of vegetables, in so many jars. */
  readonly thereG: number;
  readonly jars: number;
  /** What stands on the counter still, and the day on which the first of it comes. */
  readonly comingG: number;
  readonly comesIn: number | null;
  readonly appetite: Appetite;
  /** Of all who eat here on a usual day, g in a week. */
  readonly weekG: number;
  readonly downs: EatDowns;
  /** When each of its vessels comes back. */
  readonly back: readonly JarBack[];
}

/** So far is looked ahead, days. */
export const EAT_AHEAD_DAYS = 366;

/** Every kind of which there is something, or comes something: what is soonest gone first. */
export function kindsAhead(
  batches: readonly Batch[],
  taught: readonly TaughtByEating[],
  house: Pick<CareHouse, 'places' | 'courseOf'>,
  { table, now }: { readonly table: Table; readonly now: WallMinute }
): KindAhead[] {
  const today = dayOfWall(now);
  const eaters = eatersFrom(table, today, EAT_AHEAD_DAYS);
  const byStyle = new Map<string, VesselToEat[]>();
  for (const b of batches)
    for (const jar of jarsToEat(b, house, today))
      byStyle.set(styleLike(b.styleId), [...(byStyle.get(styleLike(b.styleId)) ?? []), jar]);
  const kinds = [...byStyle].map(([style, jars]): KindAhead => {
    const appetite = appetiteOf(eatenOf(taught, style, table, today));
    const [there, coming] = [jars.filter((j) => j.from === 0), jars.filter((j) => j.from > 0)];
    const downs = eatDowns(jars, appetite, eaters, plannedOf(table, style, today));
    return {
      style,
      thereG: grams(there),
      jars: there.length,
      comingG: grams(coming),
      comesIn: coming.length > 0 ? Math.min(...coming.map((j) => j.from)) : null,
      appetite,
      weekG: appetite.personWeekG * table.people,
      downs,
      back: jarsBack(
        jars.map((j) => j.jarId),
        downs
      )
    };
  });
  const soon = (k: KindAhead) => k.downs.likely.short[0]?.from ?? k.downs.likely.lasts ?? Infinity;
  return kinds.sort((a, b) => soon(a) - soon(b) || a.style.localeCompare(b.style));
}

/** What planned dishes take of a style, g, by days from today. */
function plannedOf(
  { dishes = [], plannedDishes = [] }: Table,
  style: string,
  today: Day
): Map<number, number> {
  const out = new Map<number, number>();
  for (const { styleId, day, g } of plannedUses({ dishes, plannedDishes }, today)) {
    if (styleId !== style) continue;
    const at = dayNumber(day) - dayNumber(today);
    out.set(at, (out.get(at) ?? 0) + g);
  }
  return out;
}

const grams = (jars: readonly JarToEat[]): number => jars.reduce((a, j) => a + j.g, 0);

/** A jar to eat with the kind of vessel that it is. */
export interface VesselToEat extends JarToEat {
  readonly jarId: string;
}

/** The jars of a batch that will be eaten: those in the cold now, those on the counter when they are sour. */
export function jarsToEat(
  b: Batch,
  { places, courseOf }: Pick<CareHouse, 'places' | 'courseOf'>,
  today: Day
): VesselToEat[] {
  const inDays = (at: WallMinute) => Math.floor(at / MINUTES_PER_DAY) - dayNumber(today);
  return standing(b).flatMap((f): VesselToEat[] => {
    if (verdictOn(b, f, places)) return [];
    const { jarId } = f;
    const g = solidsOf(f.holds);
    const keeps = keepUntil(b.style, f, places);
    if (keeps) {
      const opened = leftG(f) < contentsG(f) - 1;
      return [{ jarId, g, from: 0, best: inDays(keeps.best), latest: inDays(keeps.latest), opened }];
    }
    const cold = coldest(places);
    const { fullySour, last } = courseOf(b, f);
    const at = fullySour ?? last;
    if (!cold || at === null) return [];
    const from = Math.max(1, inDays(at));
    const { best, latest } = keepingDays(b.style.coldMonths, cold.tempC);
    return [{ jarId, g, from, best: from + best, latest: from + latest, opened: false }];
  });
}

const coldest = (places: readonly Place[]): Place | undefined =>
  places.filter((p) => p.kind === 'cold').sort((a, b) => a.tempC - b.tempC)[0];
