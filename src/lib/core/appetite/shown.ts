import { dayNumber, dayOfWall, MINUTES_PER_DAY, wall, type Day, type WallMinute } from '../calendar/index';
import { plannedUses, type Household } from '../kit/index';
import type { EatDown } from './eat-down';
import { EAT_AHEAD_DAYS, type KindAhead } from './kinds';

/** When something comes, between the earliest and the latest: nine times in ten; null: not within a year. */
interface When {
  readonly early: WallMinute | null;
  readonly likely: WallMinute | null;
  readonly late: WallMinute | null;
}

/** How long a kind lasts, as the Cold shows it. Amounts are of vegetables. */
export interface KindShown extends Omit<KindAhead, 'downs' | 'appetite' | 'comesIn' | 'back'> {
  readonly personWeekG: number;
  readonly learntFromG: number;
  readonly comesAt: WallMinute | null;
  /** The last of all that is known. */
  readonly gone: When;
  /** There is none from then till then, while more is still to come. */
  readonly short: { readonly from: WallMinute; readonly to: WallMinute } | null;
  /** What nobody will have come to in time, g: likely, and at a slow table. */
  readonly spoils: { readonly likely: number; readonly most: number };
  /** Past its best when it is eaten. */
  readonly pastBestG: number;
  /** What is left, g, by days from now. */
  readonly line: readonly {
    readonly day: number;
    readonly slow: number;
    readonly likely: number;
    readonly fast: number;
  }[];
}

/** Points of a line. */
const POINTS = 48;

/** A kind as it is shown: by its days on the wall, its lines thinned out. */
export function kindShown(
  { downs, appetite, comesIn, back: _, ...kind }: KindAhead,
  now: WallMinute
): KindShown {
  const { slow, likely, fast } = downs;
  const on = (day: number | null) => (day === null ? null : wall(dayOfWall(now), 12) + day * MINUTES_PER_DAY);
  const gap = likely.short[0];
  return {
    ...kind,
    ...{ personWeekG: appetite.personWeekG, learntFromG: appetite.learntFromG, comesAt: on(comesIn) },
    gone: { early: on(fast.lasts), likely: on(likely.lasts), late: on(slow.lasts) },
    short: gap ? { from: on(gap.from)!, to: on(gap.to)! } : null,
    spoils: { likely: likely.spoiledG, most: slow.spoiledG },
    pastBestG: likely.pastBestG,
    line: lineOf({ slow, likely, fast })
  };
}

/** As far as the slow one goes, at even steps. */
function lineOf(of: Record<'slow' | 'likely' | 'fast', EatDown>): KindShown['line'] {
  const end = Math.min(EAT_AHEAD_DAYS - 1, of.slow.lasts ?? Infinity);
  const step = Math.max(1, Math.ceil(end / POINTS));
  const at = (down: EatDown, day: number) => Math.round(down.left[Math.min(day, down.left.length - 1)]!);
  return Array.from({ length: Math.ceil(end / step) + 1 }, (_, i) => {
    const day = Math.min(end, i * step);
    return { day, slow: at(of.slow, day), likely: at(of.likely, day), fast: at(of.fast, day) };
  });
}

/**
 * Planned dishes for which there will most likely be too little: by the evening of their day nothing is left of one of their
 * ferments, or there is none at all.
 */
export function tooLittleFor(
  house: Pick<Household, 'dishes' | 'plannedDishes'>,
  kinds: readonly Pick<KindShown, 'style' | 'line'>[],
  today: Day
): string[] {
  const short = plannedUses(house, today).filter(({ styleId, day }) => {
    const line = kinds.find((k) => k.style === styleId)?.line ?? [];
    const at = dayNumber(day) - dayNumber(today);
    const then = line.findLast((p) => p.day <= at);
    const after = line.find((p) => p.day >= at) ?? line.at(-1);
    return !then || !after || after.likely < 1;
  });
  return [...new Set(short.map((s) => s.plannedId))];
}
