import { describe, expect, it } from 'vitest';
import { appetiteOf, eatDowns, eatenOf, type JarToEat, type TaughtByEating } from '$lib/core/appetite';
import { addDays } from '$lib/core/calendar';
import { dicing } from '../support/history';

// Seasons of made-up households, eaten helping by helping, and what was said of them on the way. No published series of
// what households eat of their own ferments is known to us.
const TABLE = { people: 3, away: [], feasts: [] };
const BEGINS = '2026-10-01';

/** A cupboard of one kind and how it was eaten, day by day, to the last. */
function season(seed: number) {
  const die = dicing(seed);
  const normal = () => Array.from({ length: 12 }, () => die(1000) / 1000).reduce((a, x) => a + x, -6);
  const personWeekG = 70 * Math.exp(0.5 * normal());
  const jars = 4 + die(8);
  const jarG = [400, 700, 1100][die(3)]!;
  const helping = jarG / 4;
  const perDay = (personWeekG * TABLE.people) / 7 / helping;
  const taken: { day: string; g: number; n: number }[] = [];
  let left = jars * jarG;
  for (let n = 0; left > 1 && n < 1500; n++) {
    // As many helpings as chance has it: Poisson, by Knuth's product of dice.
    for (let p = (die(1e6) + 1) / 1e6; p > Math.exp(-perDay) && left > 1; p *= (die(1e6) + 1) / 1e6) {
      const g = Math.min(left, helping * (0.6 + die(800) / 1000));
      left -= g;
      taken.push({ day: addDays(BEGINS, n), g, n });
    }
  }
  return { jars, jarG, taken, lasted: taken.at(-1)!.n };
}

/** What was said of it after so many days: whether the last day lay in the band, and how far off the likely one was. */
function said(of: ReturnType<typeof season>, after: number) {
  const eaten = of.taken.filter((t) => t.n < after);
  const today = addDays(BEGINS, after);
  const taught: TaughtByEating = { style: 'shredded', from: BEGINS, to: null, taken: eaten };
  const there = of.jars * of.jarG - eaten.reduce((a, t) => a + t.g, 0);
  const jar: JarToEat = { g: there, from: 0, best: 2000, latest: 2000, opened: false };
  const appetite = appetiteOf(eatenOf([taught], 'shredded', TABLE, today));
  const { slow, likely, fast } = eatDowns(
    [jar],
    appetite,
    Array.from({ length: 1500 }, () => TABLE.people)
  );
  const rest = of.lasted - after;
  return {
    inside: rest >= (fast.lasts ?? Infinity) - 1 && rest <= (slow.lasts ?? Infinity) + 1,
    off: Math.abs(Math.log((likely.lasts ?? 1500) / Math.max(1, rest)))
  };
}

const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!;

describe('how long it lasts, held against seasons as they were eaten', () => {
  const seasons = Array.from({ length: 300 }, (_, i) => season(1000 + i));
  it.each([0, 28, 56])('said after %i days, nine times in ten means about that', (after) => {
    const all = seasons.filter((s) => s.lasted > after + 14).map((s) => said(s, after));
    const share = all.filter((x) => x.inside).length / all.length;
    expect(all.length).toBeGreaterThan(100);
    expect(share).toBeGreaterThan(0.85);
  });
  it('the longer one has eaten, the nearer it comes', () => {
    const still = seasons.filter((s) => s.lasted > 80);
    const off = [0, 28, 56].map((after) => median(still.map((s) => said(s, after).off)));
    expect(off[2]!).toBeLessThan(off[0]!);
    expect(off[2]!).toBeLessThan(0.35);
  });
});
