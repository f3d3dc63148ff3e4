import { band, gaussian, type Band } from '../quantity/index';
import { checkPlan, type PlanFacts } from './check';
import { begun, wishFor, type BegunBy } from './greedy';
import { GreedyStore } from './greedy-store';
import { startOptions, type StartOption } from './options';
import {
  STORE_PLACES,
  type Meal,
  type PlannedBatch,
  type SeasonInput,
  type SeasonPlan,
  type StartIn,
  type StorePlace
} from './types';

/** Spread of a season and of a week in it, sd of the logarithm. Model §8: set. */
const SEASON_SD = 0.3;
const WEEK_SD = 0.45;

/** The same season in a year with other weather: each crop's picks better or worse, and week by week again. */
export function otherYear(input: SeasonInput, normal: () => number): SeasonInput {
  return {
    ...input,
    crops: input.crops.map((c) => {
      const year = Math.exp(SEASON_SD * normal());
      return { ...c, picks: c.picks.map((kg) => kg * year * Math.exp(WEEK_SD * normal())) };
    })
  };
}

/**
 * What people make of a plan in a year as it comes: each batch with what there is of it, smaller in the same proportions, or not
 * at all; what would rot and is wanted becomes another one; fresh is eaten as planned or what would rot; each kind is eaten as
 * planned, more where there is more of it than was thought, and less where there is less.
 * @param input the year as it really is
 */
export function played(input: SeasonInput, plan: SeasonPlan): SeasonPlan {
  const store = new GreedyStore(input);
  const options = startOptions(input);
  const batches: PlannedBatch[] = [];
  const fresh = new Map<string, { cropId: string; week: number; kg: number }>();
  const eatsFresh = (cropId: string, week: number, wants: number) => {
    const key = `${cropId} ${week}`;
    const had = fresh.get(key)?.kg ?? 0;
    const kg = store.raw.take(cropId, wants);
    if (kg > 0) fresh.set(key, { cropId, week, kg: had + kg });
    return had + kg;
  };
  input.weeks.forEach((_, week) => {
    store.begin(week, (there) => meals(input, plan, week, there));
    for (const f of plan.fresh) if (f.week === week) eatsFresh(f.cropId, week, f.kg);
    const here = options.filter((o) => o.week === week);
    const put = (b: PlannedBatch | null) => void (b && batches.push(b));
    for (const b of plan.batches.filter((x) => x.week === week)) {
      const o = here.find((x) => x.style.id === b.styleId);
      if (o) put(begun(input, store, inProportion(store, o, b), asPlanned(input, o, b)));
    }
    for (const o of rottingFirst(input, store, here, batches)) {
      const open = store.uncovered(o).open / o.style.servingsPerKg;
      put(begun(input, store, o, { wants: Math.min(open, rottingFor(input, store, o)) }));
    }
    for (const c of input.crops) {
      const had = fresh.get(`${c.id} ${week}`)?.kg ?? 0;
      eatsFresh(c.id, week, Math.min(c.fresh - had, store.raw.rotting(c.id, week)));
    }
    store.end(week);
  });
  return { batches, fresh: [...fresh.values()], eaten: store.eaten, thrown: store.thrown, back: store.back };
}

/** A start with no more than what there is allows, in the plan's proportions. */
function inProportion(store: GreedyStore, o: StartOption, planned: PlannedBatch): StartOption {
  const shares = o.style.shares.map((s) => {
    const kg = planned.uses.find((u) => u.cropId === s.cropId)?.kg ?? 0;
    const part = planned.kg > 0 ? kg / planned.kg : 0;
    return { ...s, from: Math.max(s.from, part * 0.999), to: Math.max(s.from, part) };
  });
  const style = { ...o.style, shares: shares.filter((s) => s.to > 0) };
  return { ...o, style, most: Math.min(o.most, store.raw.prepared(style)) };
}

/** As large as was planned, or the next small jar more; its parts where the plan wants them. */
function asPlanned(input: SeasonInput, { style, ends }: StartOption, planned: PlannedBatch): BegunBy {
  const smallest = Math.min(...input.sizes.filter((j) => style.sizes.includes(j.id)).map((j) => j.litres));
  const parts = planned.ends.flatMap(({ place, week, kg }) => {
    const end = ends.find((e) => e.place === place && e.week === week);
    return end ? [{ end, share: kg / planned.kg }] : [];
  });
  const whole = parts.reduce((a, p) => a + p.share, 0) > 0.999;
  return { wants: planned.kg + (style.kgPerLitre * smallest) / 2, ...(whole ? { parts } : {}) };
}

/** Prepared kg of a start that would rot this week. */
const rottingFor = (input: SeasonInput, store: GreedyStore, { style, week }: StartOption): number =>
  style.shares.reduce((a, s) => {
    const trim = input.crops.find((c) => c.id === s.cropId)?.trim ?? 0;
    return s.cropId === null ? a : a + trim * store.raw.rotting(s.cropId, week);
  }, 0);

/** What was not begun this week, would rot and is wanted, the most wanted first. */
function rottingFirst(
  input: SeasonInput,
  store: GreedyStore,
  here: readonly StartOption[],
  begunAlready: readonly PlannedBatch[]
): StartOption[] {
  return here
    .filter((o) => !begunAlready.some((b) => b.week === o.week && b.styleId === o.style.id))
    .filter((o) => o.style.shares.some((s) => s.cropId !== null && store.raw.rotsNow(s.cropId, o.week)))
    .map((o) => ({ o, wish: wishFor(input, store, o) }))
    .filter((x) => x.wish > 0)
    .sort((a, b) => b.wish - a.wish || a.o.style.id.localeCompare(b.o.style.id))
    .map((x) => x.o);
}

/** What is eaten in a week of each kind in each place: what the plan eats, by how much there is of it against what was thought. */
function meals(
  input: SeasonInput,
  plan: SeasonPlan,
  week: number,
  there: (styleId: string, place: StorePlace) => number
): Meal[] {
  return input.styles.flatMap(({ id: styleId }) =>
    STORE_PLACES.map((place) => {
      const kgOf = (all: readonly { styleId: string; place: StorePlace; kg: number }[]) =>
        all.reduce((a, x) => (x.styleId === styleId && x.place === place ? a + x.kg : a), 0);
      const begun =
        place === 'cold' ? input.standing.filter((s) => s.styleId === styleId && s.ready <= week) : [];
      const made = plan.batches
        .filter((b) => b.styleId === styleId)
        .flatMap((b) => b.ends.filter((e) => e.place === place && e.week <= week));
      const gone = [...plan.eaten, ...plan.thrown].filter((m) => m.week < week);
      const sum = (all: readonly { kg: number }[]) => all.reduce((a, x) => a + x.kg, 0);
      const stands = kgOf(input.stored) + sum(begun) + sum(made) - kgOf(gone);
      const eats = kgOf(plan.eaten.filter((m) => m.week === week));
      const is = there(styleId, place);
      // Of what nobody planned there is as much as one likes.
      return { styleId, place, week, kg: stands > 0.01 ? (eats * is) / stands : is };
    })
  );
}

/** How seasons go that are like this one: one outcome a year. */
export interface Year {
  readonly servings: number;
  readonly rotsKg: number;
  readonly points: number;
  /** What was full in some week of it: sizes of jars by their id, or a place. */
  readonly full: readonly string[];
  /** What was begun in it. */
  readonly begun: readonly StartIn[];
}

/** So close to full is full. */
const FULL = 0.98;

/** Plays a plan through other years, one after another; the same seed gives the same years. */
export function* years(input: SeasonInput, plan: SeasonPlan, seed = 1): Generator<Year> {
  const normal = gaussian(seed);
  for (;;) yield yearOf(otherYear(input, normal), plan);
}

/** One year of a plan. */
export function yearOf(input: SeasonInput, plan: SeasonPlan): Year {
  const log = played(input, plan);
  const { facts } = checkPlan(input, log);
  return {
    servings: facts.servings,
    rotsKg: facts.thrownKg + facts.lost.reduce((a, l) => a + l.kg, 0),
    points: facts.points,
    begun: log.batches.map(({ styleId, week }) => ({ styleId, week })),
    full: fullIn(input, log, facts)
  };
}

function fullIn(input: SeasonInput, log: SeasonPlan, { jars, room }: PlanFacts): string[] {
  const lastStart = Math.max(-1, ...log.batches.map((b) => b.week));
  const sizes = input.sizes.filter((j) =>
    (jars[j.id] ?? []).some((n, t) => t <= lastStart && n > j.owned - 0.5)
  );
  const places = (['counter', 'cold', 'cellar'] as const).filter((p) =>
    room[p].some((n, t) => n > 0.05 && n >= FULL * input.weeks[t]![p])
  );
  return [...sizes.map((j) => j.id), ...places];
}

/** What many years come to: nine times in ten between low and high; and how often something was full, 0 to 1. */
export interface OtherYears {
  readonly n: number;
  readonly servings: Band;
  readonly rotsKg: Band;
  readonly full: readonly { readonly id: string; readonly share: number }[];
  /** In what share of them each start is made. */
  readonly begun: readonly (StartIn & { readonly share: number })[];
}

/** How sure a start is: made in nearly all years, in most, or by how the picks come. */
export type Sureness = 'firm' | 'likely' | 'maybe';
/** Our judgement. */
const SURE = { firm: 0.9, likely: 0.6 };

/** How sure a start of the plan is, by the years that were played; what lies farther off than one can know is never firm. */
export function surenessOf(
  { begun }: Pick<OtherYears, 'begun'>,
  { styleId, week }: StartIn,
  firmWeeks: number
): Sureness {
  const share = begun.find((b) => b.styleId === styleId && b.week === week)?.share ?? 0;
  if (share >= SURE.firm && week < firmWeeks) return 'firm';
  return share >= SURE.likely ? 'likely' : 'maybe';
}

/** Sums years up, what is full most often first. */
export function summedUp(all: readonly Year[]): OtherYears {
  const of = (figure: (y: Year) => number) => band(all.map(figure));
  const ids = [...new Set(all.flatMap((y) => y.full))];
  const full = ids.map((id) => ({ id, share: all.filter((y) => y.full.includes(id)).length / all.length }));
  return {
    ...{ n: all.length, servings: of((y) => y.servings), rotsKg: of((y) => y.rotsKg) },
    full: full.sort((a, b) => b.share - a.share || a.id.localeCompare(b.id)),
    begun: startsIn(all)
  };
}

function startsIn(all: readonly Year[]): OtherYears['begun'] {
  const counted = new Map<string, StartIn & { n: number }>();
  for (const s of all.flatMap((y) => y.begun)) {
    const key = `${s.week} ${s.styleId}`;
    counted.set(key, { ...s, n: (counted.get(key)?.n ?? 0) + 1 });
  }
  return [...counted.values()].map(({ n, ...at }) => ({ ...at, share: n / all.length }));
}
