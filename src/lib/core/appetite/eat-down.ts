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
}

/** A kind's stock, eaten slowly, likely and fast. */
export interface EatDowns {
  readonly likely: EatDown;
  /** Nine times in ten it goes between these. */
  readonly slow: EatDown;
  readonly fast: EatDown;
}

/** One normal spread to each side holds nine in ten. */
const NINE_IN_TEN = 1.6449;

/**
 * How a kind goes down at an appetite: what is open first, then what keeps least.
 * @param eaters so many on each day from today
 */
export function eatDowns(jars: readonly JarToEat[], appetite: Appetite, eaters: readonly number[]): EatDowns {
  const all = jars.reduce((a, j) => a + j.g, 0);
  // What one does not know of the appetite, and what comes and goes by chance while it is eaten.
  const sd = Math.hypot(appetite.sd, Math.sqrt(appetite.biteG / Math.max(appetite.biteG, all)));
  const at = (z: number) => eatDown(jars, (appetite.personWeekG / 7) * Math.exp(z * sd), eaters);
  return { likely: at(0), slow: at(-NINE_IN_TEN), fast: at(NINE_IN_TEN) };
}

/** At so many grams a day for each who eats. */
export function eatDown(jars: readonly JarToEat[], personDayG: number, eaters: readonly number[]): EatDown {
  const stock = [...jars]
    .sort((a, b) => Number(b.opened) - Number(a.opened) || a.best - b.best)
    .map((j) => ({ ...j, left: j.g }));
  const lastComes = Math.max(0, ...jars.map((j) => j.from));
  const left: number[] = [];
  const short: { from: number; to: number }[] = [];
  let [spoiledG, pastBestG]: [number, number] = [0, 0];
  let lasts: number | null = null;
  // Of what has not come yet, nothing has run out.
  let began = stock.some((j) => j.from === 0);
  eaters.forEach((people, day) => {
    for (const j of stock) {
      if (j.from > day || j.left <= 0) continue;
      if (day === Math.max(j.from, Math.floor(j.best) + 1)) pastBestG += j.left;
      if (day > j.latest) {
        spoiledG += j.left;
        j.left = 0;
      }
    }
    let hunger = personDayG * people;
    for (const j of stock) {
      if (j.from > day) continue;
      const eaten = Math.min(j.left, hunger);
      j.left -= eaten;
      hunger -= eaten;
    }
    const there = stock.reduce((a, j) => a + (j.from <= day ? j.left : 0), 0);
    left.push(there);
    began ||= there >= LEAST_G;
    if (began && there < LEAST_G && day < lastComes) {
      const gap = short.at(-1);
      if (gap && gap.to === day - 1) short[short.length - 1] = { ...gap, to: day };
      else short.push({ from: day, to: day });
    }
    if (there < LEAST_G && day >= lastComes) lasts ??= day;
  });
  return { left, lasts, short, spoiledG, pastBestG };
}

/** Less is nothing, g. */
const LEAST_G = 1;
