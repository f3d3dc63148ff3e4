import { tooLittleFor, type KindShown } from '../../core/appetite';
import { dayOfWall } from '../../core/calendar';
import { freeSizes, inHand, placeOf, standing, stockG, type BatchInHand } from '../../core/batch';
import { verdictOn, type CareTask } from '../../core/care';
import type { Household } from '../../core/kit';
import {
  dishesNow,
  forCooking,
  SHELF,
  stillFits,
  type DishNow,
  stock,
  type StillFits,
  type StockJar
} from '../../core/larder';
import type { TaughtBySouring } from '../../core/outlook';
import { freeJars } from '../../core/kitchen';
import type { OwnedSize } from '../../core/worksheet';
import { emptiedLately } from '../repos';
import type { House } from '../usecases';
import { care } from './care';
import { eatingDown } from './eat-down';
import { living, once } from './living';
import { souringTaught } from './souring';
import { ALL, JARS_STEP, steps, STEP, type Step, type Stepped } from './steps';

/** A jar in the cold as its shelf shows it. */
export interface ColdJar extends Omit<StockJar, 'batch'> {
  readonly batch: BatchInHand;
  /** It is to be thrown away. */
  readonly condemned: boolean;
}

/** The cold: its shelves, what to eat first, what wants doing. */
export interface Cold {
  readonly places: readonly {
    readonly placeId: string;
    readonly jars: Stepped<ColdJar>;
    /** What all of its jars take of the shelf, ml. */
    readonly shelfMl: number;
    /** How many more of each free size it takes. */
    readonly fits: readonly StillFits[];
  }[];
  readonly eatFirst: readonly ColdJar[];
  readonly jars: number;
  readonly leftG: number;
  /** How long each kind lasts. */
  readonly kinds: readonly KindShown[];
  /** What could be cooked from it, what should go first on top. */
  readonly dishes: readonly DishNow[];
  /** Planned dishes for which there will most likely be too little. */
  readonly tooLittle: readonly string[];
  readonly tasks: Stepped<CareTask>;
  readonly batches: readonly BatchInHand[];
  /** Free jars that something may be poured into, smallest first. */
  readonly free: readonly OwnedSize[];
  /** What this household's ferments taught. */
  readonly souring: readonly TaughtBySouring[];
}

/** All that stands in the cold, whatever of it is shown. */
const stored = (house: House) =>
  once(house, 'stored', async () => {
    const { batches, household } = await living(house);
    const places = household.places.filter((p) => p.kind === 'cold').map((p) => p.id);
    const here = batches.filter((b) => standing(b).some((f) => places.includes(placeOf(f))));
    const slim = new Map(here.map((b) => [b.id, inHand(b)]));
    const jars = stock(here, household.places)
      .filter((s) => places.includes(s.placeId))
      .map((s): ColdJar => ({
        ...s,
        batch: slim.get(s.batch.id)!,
        condemned: verdictOn(s.batch, s.filling, household.places) !== null
      }));
    const dishes = dishesNow(household.dishes, forCooking(here, household.places));
    return { places, slim, jars, dishes };
  });

/** So many jars are named as the next to eat. */
const EAT_FIRST = 6;

/** The cold, long shelves in steps, or all of them; the jar that is asked for stands there in any case. */
export async function cold(house: House, asked: string | null, all: boolean): Promise<Cold> {
  const { household, now } = await living(house);
  const { places, slim, jars, dishes } = await stored(house);
  // What is to be thrown away, and what is asked for, is never behind a step.
  const first = (s: ColdJar) => Number(!(s.condemned || s.filling.id === asked));
  const tasks = (await care(house)).filter((t) => places.includes(t.placeId) && t.due <= now);
  const shownTasks = steps(tasks, all ? ALL : STEP, (a, b) => a.since - b.since);
  const kinds = await eatingDown(house);
  const free = freeSizes(freeJars(household, await emptiedLately(house.db, house.clock.now())));
  const ofTasks = new Set(shownTasks.shown.map((t) => t.batchId));
  return {
    places: places.flatMap((id) =>
      shelfOf(household, jars, free, { id, most: all ? ALL : JARS_STEP, first })
    ),
    eatFirst: jars.filter((s) => !s.condemned).slice(0, EAT_FIRST),
    jars: jars.length,
    leftG: jars.reduce((a, s) => a + stockG(s.filling), 0),
    kinds,
    dishes,
    tooLittle: tooLittleFor(household, kinds, dayOfWall(now)),
    tasks: shownTasks,
    souring: await souringTaught(house),
    free,
    batches: [...slim.values()].filter((b) => ofTasks.has(b.id))
  };
}

/** One place with what stands on it; nothing of one on which nothing stands. */
function shelfOf(
  { places }: Pick<Household, 'places'>,
  jars: readonly ColdJar[],
  free: readonly OwnedSize[],
  show: { readonly id: string; readonly most: Step; readonly first: (s: ColdJar) => number }
): Cold['places'][number][] {
  const at = jars.filter((s) => s.placeId === show.id);
  const place = places.find((p) => p.id === show.id);
  if (!place || at.length === 0) return [];
  const shelfMl = at.reduce((a, s) => a + SHELF * s.filling.usableMl, 0);
  const shown = steps(at, show.most, (a, b) => show.first(a) - show.first(b));
  return [{ placeId: show.id, jars: shown, shelfMl, fits: stillFits(place, shelfMl, free) }];
}
