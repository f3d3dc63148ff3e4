import loadHighs from 'highs';
import { lpSolver } from '$lib/workers/lp';
import {
  USUAL_POINTS,
  type LpSolver,
  type SeasonGroup,
  type SeasonInput,
  type SeasonStyle,
  type SeasonWeek
} from '$lib/core/season';

let loaded: Promise<LpSolver> | undefined;
/** The solver that ships, loaded once. */
export const solver = (): Promise<LpSolver> => (loaded ??= loadHighs().then(lpSolver));

/** Enough of everything. */
export const WEEK: SeasonWeek = {
  ...{ hours: 100, easy: 1, batches: 9, away: false, water: 1000 },
  ...{ counter: 1000, cold: 1000, cellar: 0 }
};
/** `n` of the same. */
export const times = <T>(n: number, of: T): T[] => Array.from({ length: n }, () => of);

/** A style of one crop that is always the same: a week on the counter, ten weeks in the cold, a kilo a litre. */
export const PLAIN: SeasonStyle = {
  ...{ id: 'style', group: 'table', kgPerLitre: 1, shelfPerKg: 1.5, servingsPerKg: 10, waterPerKg: 0 },
  counter: times(60, { from: 1, to: 1 }),
  careWeeks: 1,
  keeps: { cold: 10, cellar: 0 },
  litres: { from: 1, to: 50 },
  hours: { fixed: 0.5, perKg: 0.2 },
  shares: [{ cropId: 'crop', from: 1, to: 1, cost: 0 }],
  sizes: ['litre'],
  bottled: false
};

/** Ten servings wanted in each of these weeks. */
export const wantedIn = (weeks: readonly number[], servings: number, of = 60): SeasonGroup => ({
  id: 'table',
  wanted: Array.from({ length: of }, (_, t) => (weeks.includes(t) ? servings : 0)),
  dear: times(of, 1)
});

/** The vectors' common ground: one crop that keeps its week, one size of jar, no worth for variety or for what is left. */
export function plainSeason(said: {
  readonly picks: readonly number[];
  readonly owned: number;
  readonly wanted: SeasonGroup;
  readonly fresh?: number;
  readonly weeks?: number;
  readonly week?: Partial<SeasonWeek>;
}): SeasonInput {
  return {
    weeks: times(said.weeks ?? 16, { ...WEEK, ...said.week }),
    crops: [{ id: 'crop', picks: said.picks, rawWeeks: 1, trim: 1, fresh: said.fresh ?? 0, lots: [] }],
    styles: [PLAIN],
    sizes: [{ id: 'litre', litres: 1, owned: said.owned }],
    bottles: 1000,
    groups: [said.wanted],
    ...{
      standing: [],
      stored: [],
      opened: {},
      held: [],
      barred: [],
      earlier: [],
      firmWeeks: 6,
      countEvery: 1
    },
    points: { ...USUAL_POINTS, missed: [0.6, 1], fresh: [2, 1], made: 0, left: 0 }
  };
}

/** A whole number under `of`, the same again for the same seed. */
export function seeded(seed: number): (of: number) => number {
  let n = (seed % 2147483646) + 1;
  return (of) => (n = (n * 48271) % 2147483647) % of;
}

/** How large a season is. */
export interface SeasonSizes {
  readonly crops: number;
  readonly styles: number;
  /** Weeks of picking, and weeks in all. */
  readonly picked: number;
  readonly weeks: number;
  /** How much more of everything than in a small kitchen. */
  readonly scale: number;
}
export const SMALL: SeasonSizes = { crops: 6, styles: 5, picked: 12, weeks: 26, scale: 1 };
export const HOUSEHOLD: SeasonSizes = { crops: 14, styles: 12, picked: 30, weeks: 52, scale: 3 };
export const MARKET: SeasonSizes = { crops: 30, styles: 25, picked: 52, weeks: 60, scale: 18 };

/** A made-up season: gluts that swell and pass, styles of one to three crops, jars that run short, a week or two away. */
export function someSeason(seed: number, size: SeasonSizes): SeasonInput {
  const dice = seeded(seed);
  const real = (from: number, to: number) => from + ((to - from) * dice(10000)) / 10000;
  const weeks = Array.from({ length: size.weeks }, (_, t): SeasonWeek => ({
    ...{ hours: 2 * size.scale ** 0.75 + 2, easy: 0.7, batches: Math.ceil(2 + size.scale / 2) },
    ...{ away: t > 2 && t % 17 === 7, water: 12 * size.scale },
    ...{ counter: 18 * size.scale, cold: 34 * size.scale },
    cellar: t >= size.picked * 0.6 ? 16 * size.scale : 0
  }));
  const crops = Array.from({ length: size.crops }, (_, i) => {
    const [first, length] = [dice(Math.max(1, size.picked - 6)), 3 + dice(8)];
    const all = size.scale * real(6, 18);
    const picks = weeks.map((_, t) => {
      const at = (t - first + 0.5) / length;
      return at > 0 && at < 1 && t < size.picked
        ? (all * Math.sin(Math.PI * at) * real(0.6, 1.5)) / length
        : 0;
    });
    const rawWeeks = 1 + dice(4);
    return {
      id: `c${i}`,
      picks,
      rawWeeks,
      trim: real(0.7, 0.95),
      fresh: real(0.1, 0.5) * size.scale,
      lots: []
    };
  });
  const bottles = 4 * size.scale;
  const sizes = [0.4, 0.85, 1.8, 2.8, 4.5].slice(0, size.scale > 1 ? 5 : 3).map((litres, i) => ({
    ...{ id: `j${i}`, litres },
    owned: Math.ceil((size.scale * (6 + dice(6))) / (1 + litres))
  }));
  const styles = Array.from({ length: size.styles }, (_, i): SeasonStyle => {
    const from = 1 + dice(3);
    const main = dice(size.crops);
    const shares =
      i % 3 === 0
        ? [{ cropId: `c${main}`, from: 1, to: 1, cost: 0 }]
        : [
            { cropId: `c${main}`, from: 0.5, to: 1, cost: 0 },
            { cropId: `c${(main + 1 + dice(size.crops - 1)) % size.crops}`, from: 0, to: 0.4, cost: 0 },
            { cropId: null, from: 0, to: 0.1, cost: 1.5 }
          ];
    return {
      ...{
        id: `s${i}`,
        group: `g${i % Math.ceil(size.styles / 2)}`,
        kgPerLitre: real(0.5, 1),
        shelfPerKg: 1.8
      },
      ...{ waterPerKg: i % 3 === 1 ? 0.8 : 0 },
      ...{ servingsPerKg: 10 + dice(8), careWeeks: 1, bottled: i % 5 === 4, shares },
      counter: weeks.map(() => ({ from, to: from + 2 })),
      keeps: { cold: 6 + dice(30), cellar: i % 2 ? 4 + dice(20) : 0 },
      litres: { from: 1, to: 6 * size.scale },
      hours: { fixed: 0.4, perKg: real(0.1, 0.35) },
      sizes: sizes.slice(dice(2), 2 + dice(sizes.length - 1)).map((j) => j.id)
    };
  });
  const groups = Array.from({ length: Math.ceil(size.styles / 2) }, (_, i) => {
    const each = size.scale * real(2, 8);
    const feast = dice(size.weeks);
    return {
      id: `g${i}`,
      wanted: weeks.map((w, t) => (w.away ? 0 : t === feast ? 3 * each : each)),
      dear: weeks.map((_, t) => (t === feast ? 1.5 : 1))
    };
  });
  return {
    ...{ weeks, crops, styles, sizes, bottles, groups, standing: [], stored: [], opened: {} },
    ...{ held: [], barred: [], earlier: [], firmWeeks: 6, countEvery: 2, points: USUAL_POINTS }
  };
}
