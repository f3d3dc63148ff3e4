import { MINUTES_PER_DAY, DAYS_PER_MONTH, type WallMinute } from '../calendar/index';
import {
  contentsG,
  leftG,
  placeOf,
  HEATED_MONTHS,
  OPENED_DAYS,
  fullStockG,
  stockG,
  standing,
  type Batch,
  type BatchInHand,
  type Filling,
  type Keeps,
  type PortionHow
} from '../batch/index';
import { massOf } from '../contents/index';
import { tempsDuring, type Place } from '../kit/index';
import type { Range, StyleFacts } from '../style/index';

/** One jar of live stock in the cold. */
export interface StockJar {
  readonly batch: BatchInHand;
  readonly filling: Filling;
  readonly placeId: string;
  /** Keeps its quality till here, and how long at the longest. */
  readonly best: WallMinute;
  readonly latest: WallMinute;
  readonly opened: boolean;
  /** Quarters of the jar that are left, rounded up. */
  readonly quarters: number;
}

/** A place warmer than this keeps like a cellar. °C; extension usage, recalled from memory: at or under 40 °F. */
const COLD_C = 4.4;

/** A cellar of about 12 °C keeps three months at most. Common practice, no source. */
const CELLAR_MONTHS = 3;

/** Warmer than this is no store. */
const CELLAR_MOST_C = 13;

/** A keeping life in days at a place, short and long end. */
export function keepingDays(coldMonths: Range, tempC: number): { best: number; latest: number } {
  const most = tempC <= COLD_C ? Infinity : tempC <= CELLAR_MOST_C ? CELLAR_MONTHS : CELLAR_MONTHS / 3;
  return {
    best: Math.min(coldMonths.from, most) * DAYS_PER_MONTH,
    latest: Math.min(coldMonths.to, most) * DAYS_PER_MONTH
  };
}

/**
 * Till when a jar in the cold keeps: each place uses up its share of the life there, the last place gives the rest.
 * No longer than what was poured into it would have. null while it stands on the counter. A heated jar keeps by its process, wherever it stands. Example: kraut moved to 4 °C today is best for 6 months, at latest 12.
 */
export function keepUntil(
  { coldMonths }: Pick<StyleFacts, 'coldMonths'>,
  f: Filling,
  places: readonly Place[]
): Keeps | null {
  if (f.heated) return keepsHeated(f.heated);
  const place = (id: string) => places.find((p) => p.id === id);
  const last = f.stays[f.stays.length - 1];
  if (!last || place(last.placeId)?.kind !== 'cold') return null;
  // Each place as warm as it was then.
  const spells = f.stays.flatMap((stay, i) => {
    const at = place(stay.placeId);
    const until = f.stays[i + 1]?.from ?? Infinity;
    if (at?.kind !== 'cold') return [];
    const temps = tempsDuring(at, stay.from, until);
    return temps.map((t, k) => ({ ...t, until: temps[k + 1]?.from ?? until }));
  });
  const used = { best: 0, latest: 0 };
  for (const { from, until, tempC } of spells) {
    const life = keepingDays(coldMonths, tempC);
    if (until === Infinity) {
      const till = (end: 'best' | 'latest') =>
        Math.min(
          f.keepsTo?.[end] ?? Infinity,
          Math.round(from + Math.max(0, 1 - used[end]) * life[end] * MINUTES_PER_DAY)
        );
      return { best: till('best'), latest: till('latest') };
    }
    const days = (until - from) / MINUTES_PER_DAY;
    used.best += days / life.best;
    used.latest += days / life.latest;
  }
  return null;
}

function keepsHeated({ at, openedAt }: NonNullable<Filling['heated']>): Keeps {
  if (openedAt !== undefined) {
    const { best, latest } = OPENED_DAYS;
    return { best: openedAt + best * MINUTES_PER_DAY, latest: openedAt + latest * MINUTES_PER_DAY };
  }
  const till = (months: number) => at + Math.round(months * DAYS_PER_MONTH) * MINUTES_PER_DAY;
  return { best: till(HEATED_MONTHS.from), latest: till(HEATED_MONTHS.to) };
}

/** The jars in the cold and the heated ones, what to eat first at the top: soonest best-till, opened before closed. */
export function stock(batches: readonly Batch[], places: readonly Place[]): StockJar[] {
  const jars = batches.flatMap((batch) =>
    standing(batch).flatMap((filling): StockJar[] => {
      const until = keepUntil(batch.style, filling, places);
      if (!until) return [];
      const opened = leftG(filling) < contentsG(filling) - 1;
      return [
        { batch, filling, placeId: placeOf(filling), ...until, opened, quarters: quartersLeft(filling) }
      ];
    })
  );
  return jars.sort(
    (a, b) =>
      a.best - b.best || Number(b.opened) - Number(a.opened) || a.filling.lidNumber - b.filling.lidNumber
  );
}

/** Quarters left, rounded to the nearest but never 0 while something is in. Example: 700 of 1000 g is `3`. */
export function quartersLeft(f: Filling): number {
  const [left, full] = [stockG(f), fullStockG(f)];
  return left <= 0 || full <= 0 ? 0 : Math.max(1, Math.round((4 * left) / full));
}

/** A quarter of what was filled, of its pieces where they swim in brine, or the rest if that is less, g. */
export function quarterG(f: Filling): number {
  return Math.min(stockG(f), fullStockG(f) / 4);
}

/** Where what was filled went, g. */
export interface Ledger {
  readonly filledG: number;
  readonly leftG: number;
  readonly eatenG: number;
  readonly cookedG: number;
  readonly givenG: number;
  readonly thrownG: number;
}

/** Grams of contents that left a batch's jars, by how; with what is left they add up to what was filled. */
export function ledger(b: Batch): Ledger {
  const gone = (how: PortionHow) =>
    b.portions.filter((p) => p.how === how).reduce((a, p) => a + massOf(p.what), 0);
  const sum = (f: (x: Filling) => number) => b.fillings.reduce((a, x) => a + f(x), 0);
  return {
    filledG: sum((f) => f.startG),
    leftG: sum(leftG),
    eatenG: gone('eaten'),
    cookedG: gone('cooked'),
    givenG: gone('given'),
    thrownG: gone('thrown')
  };
}

/** So long it must stand open before its pace says anything. Our judgement. */
const PACE_DAYS = 2;

/**
 * When an opened jar will be eaten if it goes on as it went; null: it is not open, or not long enough to say.
 * Example: opened ten days ago and a third of it gone, it lasts twenty days more.
 */
export function eatenBy(
  jar: { readonly fullStockG: number; readonly stockG: number; readonly openedAt: WallMinute | null },
  now: WallMinute
): WallMinute | null {
  const eatenG = jar.fullStockG - jar.stockG;
  if (jar.openedAt === null || eatenG < 1 || now - jar.openedAt < PACE_DAYS * MINUTES_PER_DAY) return null;
  return now + Math.round(((now - jar.openedAt) * jar.stockG) / eatenG);
}
