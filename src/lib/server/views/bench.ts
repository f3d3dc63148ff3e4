import { leftG, standing, type Batch } from '../../core/batch';
import { dayNumberOf } from '../../core/care';
import { dayOfWall, type WallMinute } from '../../core/calendar';
import { cropsOf } from '../../core/kit';
import type { KnownBrine } from '../../core/pantry';
import { jarsToWash, type Kitchen } from '../../core/kitchen';
import type { Counts } from '../../core/making';
import { FIRST_BENCH, lyingOn, type Lot, type LotOnBench } from '../../core/lot';
import type { TaughtBySouring } from '../../core/outlook';
import type { Recipe } from '../../core/recipe';
import type { BenchDraft } from '../../schema/bench';
import { allRecipes, emptiedLately, lots as lotRepo, runOn, type LotBrief } from '../repos';
import { benchDraft, kitchenFor, makingsOf, type BenchMaking, type House } from '../usecases';
import { knownBrines } from './brines';
import { living, once } from './living';
import { souringTaught } from './souring';

/** A second pick may go in while a batch is so young, days. */
const YOUNG_DAYS = 4;

/** So many of the last picks say how fresh things are eaten here. */
const RAW_SHOWN = 200;

/** What a bench may be called in an address. */
const NAMED = /^[A-Za-z0-9_-]{1,64}$/;

/** One bench: what lies and is chosen on it, and the kitchen as it finds it. */
export interface BenchShown extends Omit<Kitchen, 'household' | 'brines'> {
  readonly brines: readonly KnownBrine[];
  readonly bench: string;
  readonly makings: readonly BenchMaking[];
  readonly lots: readonly LotOnBench[];
  readonly raw: readonly LotBrief[];
  /** Picks in the Garden, to be taken here. */
  readonly waiting: readonly Lot[];
  /** Jars that were emptied and not washed yet. */
  readonly toWash: Counts;
  /** What stands already, by style, g. */
  readonly stockG: Readonly<Record<string, number>>;
  /** Batches that a second pick may join. */
  readonly young: readonly Batch[];
  readonly recipes: readonly Recipe[];
  readonly draft: BenchDraft;
  /** The making under way on it; null: none. */
  readonly run: string | null;
  readonly souring: readonly TaughtBySouring[];
}

/** The bench that is asked for; nothing asked: the first, or where that is clear, what was begun first. */
export async function benchShown(house: House, asked: string): Promise<BenchShown> {
  const { db } = house;
  const { batches, household, lots, now } = await living(house);
  const makings = await makingsOf(db, cropsOf(household));
  const usual = makings.some((m) => m.id === FIRST_BENCH) ? FIRST_BENCH : (makings[0]?.id ?? FIRST_BENCH);
  const bench = NAMED.test(asked) ? asked : usual;
  const { jars, learnt, brines, away } = await kitchenFor(db, dayOfWall(now), bench);
  return {
    ...{ bench, makings, jars, learnt, away },
    brines: await knownBrines(house, brines),
    lots: lyingOn(lots, bench),
    raw: (await lotRepo.briefs(db, { most: RAW_SHOWN })).reverse(),
    waiting: lots.filter((l) => l.gardenG > 0),
    toWash: jarsToWash(household, await emptiedLately(db, house.clock.now()), now),
    stockG: stockByStyle(batches),
    young: batches.filter((b) => isYoung(b, now)),
    recipes: await once(house, 'all-recipes', () => allRecipes(db)),
    draft: await benchDraft(db, bench),
    run: (await runOn(db, bench))?.id ?? null,
    souring: await souringTaught(house)
  };
}

const isYoung = (b: Batch, now: WallMinute) => b.equilibrium !== null && dayNumberOf(b, now) <= YOUNG_DAYS;

function stockByStyle(batches: readonly Batch[]): Record<string, number> {
  const out: Record<string, number> = {};
  for (const b of batches)
    out[b.styleId] = (out[b.styleId] ?? 0) + standing(b).reduce((a, f) => a + leftG(f), 0);
  return out;
}
