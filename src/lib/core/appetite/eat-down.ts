import type { Appetite } from './appetite';

/** A jar of a kind, as it will be eaten: what it holds of vegetables, from which day on, and till when it keeps. Days from today. */
export interface JarToEat {
  readonly g: number;
  /** 0: it is there. */
  readonly from: number;
  readonly best: number;
  readonly latest: number;
  readonly opened: boolean;
}

/** One way that the stock of a kind may go down. */
export interface EatDown {
  /** What is there on each evening, g; up to the last day that was looked at. */
  readonly left: readonly number[];
  /** The day on which the last of what is known goes; null: not in that time. */
  readonly lasts: number | null;
  /** Days on which it has run out, while more is still to come. */
  readonly short: readonly { readonly from: number; readonly to: number }[];
  /** What goes past its longest keeping before anybody comes to it, g. */
  readonly spoiledG: number;
  /** What is still there when its best days are over, g. */
  readonly pastBestG: number;
  /** The day on which each jar is empty, eaten up or thrown out, in the order of the jars; null: not in that time. */
  readonly emptied: readonly (number | null)[];
}

/** A kind's stock, eaten slowly, likely and fast. */
export interface EatDowns {
  readonly likely: EatDown;
  /** Nine times in ten it goes between these. */
  readonly slow: EatDown;
  readonly fast: EatDown;
}

const NONE_PLANNED: ReadonlyMap<number, number> = new Map();

/** One normal spread to each side holds nine in ten. */
const NINE_IN_TEN = 1.6449;

/**
 * How a kind goes down at an appetite: what is open first, then what keeps least.
 * @param eaters so many on each day from today
 * @param planned what a dish takes on a day beside what is eaten otherwise, g, by days from today
 */
export function eatDowns(
  jars: readonly JarToEat[],
  appetite: Appetite,
  eaters: readonly number[],
  planned: ReadonlyMap<number, number> = NONE_PLANNED
): EatDowns {
  const all = jars.reduce((a, j) => a + j.g, 0);
  // What one does not know of the appetite, and what comes and goes by chance while it is eaten.
  const sd = Math.hypot(appetite.sd, Math.sqrt(appetite.biteG / Math.max(appetite.biteG, all)));
  const at = (z: number) => eatDown(jars, (appetite.personWeekG / 7) * Math.exp(z * sd), eaters, planned);
  return { likely: at(0), slow: at(-NINE_IN_TEN), fast: at(NINE_IN_TEN) };
}

/** At so many grams a day for each who eats. */
export function eatDown(
  jars: readonly JarToEat[],
  personDayG: number,
  eaters: readonly number[],
  planned: ReadonlyMap<number, number> = NONE_PLANNED
): EatDown {
  const emptied: (number | null)[] = jars.map(() => null);
  const stock = jars
    .map((j, nth) => ({ ...j, nth, left: j.g }))
    .sort((a, b) => Number(b.opened) - Number(a.opened) || a.best - b.best);
  const lastComes = Math.max(0, ...jars.map((j) => j.from));
  const [come, stale, spoil] = [
    byDay(stock, (j) => j.from),
    byDay(stock, (j) => Math.max(j.from, Math.floor(j.best) + 1)),
    byDay(stock, (j) => Math.max(j.from, Math.floor(j.latest) + 1))
  ];
  const seen = new Seen(
    lastComes,
    stock.some((j) => j.from === 0)
  );
  let [there, spoiledG, pastBestG, first] = [0, 0, 0, 0];
  const left = eaters.map((people, day) => {
    for (const j of come.get(day) ?? []) there += j.g;
    for (const j of stale.get(day) ?? []) pastBestG += j.left;
    for (const j of spoil.get(day) ?? []) {
      [spoiledG, there] = [spoiledG + j.left, there - j.left];
      if (j.left > 0) emptied[j.nth] = day;
      j.left = 0;
    }
    while (first < stock.length && stock[first]!.left <= 0) first++;
    const hungerG = personDayG * people + (planned.get(day) ?? 0);
    there -= takeFrom(stock, first, day, { hungerG, empties: (nth) => (emptied[nth] = day) });
    if (there < LEAST_G) there = Math.max(0, there);
    seen.evening(day, there >= LEAST_G);
    return there;
  });
  return { left, lasts: seen.lasts, short: seen.short, spoiledG, pastBestG, emptied };
}

/** Takes so much of what is there on a day, in its order from one jar on; how much it came to, g. */
function takeFrom(
  stock: readonly { readonly from: number; readonly nth: number; left: number }[],
  first: number,
  day: number,
  { hungerG, empties }: { readonly hungerG: number; readonly empties: (nth: number) => void }
): number {
  let hunger = hungerG;
  for (let i = first; i < stock.length && hunger > 0; i++) {
    const j = stock[i]!;
    if (j.from > day || j.left <= 0) continue;
    const eaten = Math.min(j.left, hunger);
    j.left -= eaten;
    hunger -= eaten;
    if (j.left <= 0) empties(j.nth);
  }
  return hungerG - hunger;
}

function byDay<T>(all: readonly T[], day: (one: T) => number): Map<number, T[]> {
  const out = new Map<number, T[]>();
  for (const one of all) out.set(day(one), [...(out.get(day(one)) ?? []), one]);
  return out;
}

/** Less is nothing, g. */
const LEAST_G = 1;

/** When there was some and when none, evening by evening. */
class Seen {
  lasts: number | null = null;
  readonly short: { from: number; to: number }[] = [];

  /** @param began there is some already: of what has not come yet, nothing has run out */
  constructor(
    private readonly lastComes: number,
    private began: boolean
  ) {}

  evening(day: number, some: boolean): void {
    this.began ||= some;
    if (some) return;
    if (day >= this.lastComes) this.lasts ??= day;
    else if (this.began) {
      const gap = this.short.at(-1);
      if (gap?.to === day - 1) gap.to = day;
      else this.short.push({ from: day, to: day });
    }
  }
}
