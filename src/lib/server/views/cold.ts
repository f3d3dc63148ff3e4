import type { KindShown } from '../../core/appetite';
import { freeSizes, inHand, placeOf, standing, stockG, type BatchInHand } from '../../core/batch';
import { verdictOn, type CareTask } from '../../core/care';
import { SHELF, stillFits, stock, type StillFits, type StockJar } from '../../core/larder';
import type { TaughtBySouring } from '../../core/outlook';
import { freeJars } from '../../core/kitchen';
import type { OwnedSize } from '../../core/worksheet';
import { emptiedLately } from '../repos';
import type { House } from '../usecases';
import { care } from './care';
import { eatingDown } from './eat-down';
import { living } from './living';
import { souringTaught } from './souring';
import { JARS_STEP, steps, STEP, type Stepped } from './steps';

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
  readonly tasks: Stepped<CareTask>;
  readonly batches: readonly BatchInHand[];
  /** Free jars that something may be poured into, smallest first. */
  readonly free: readonly OwnedSize[];
  /** What this household's ferments taught. */
  readonly souring: readonly TaughtBySouring[];
}

/** So many jars are named as the next to eat. */
const EAT_FIRST = 6;

/** The cold, long shelves in steps, or all of them; the jar that is asked for stands there in any case. */
export async function cold(house: House, asked: string | null, all: boolean): Promise<Cold> {
  const { batches, household, now } = await living(house);
  const places = household.places.filter((p) => p.kind === 'cold').map((p) => p.id);
  const here = batches.filter((b) => standing(b).some((f) => places.includes(placeOf(f))));
  const slim = new Map(here.map((b) => [b.id, inHand(b)]));
  const stored = stock(here, household.places).filter((s) => places.includes(s.placeId));
  const jars = stored.map((s): ColdJar => ({
    ...s,
    batch: slim.get(s.batch.id)!,
    condemned: verdictOn(s.batch, s.filling, household.places) !== null
  }));
  // What is to be thrown away, and what is asked for, is never behind a step.
  const first = (s: ColdJar) => Number(!(s.condemned || s.filling.id === asked));
  const tasks = (await care(house)).filter((t) => places.includes(t.placeId) && t.due <= now);
  const shownTasks = steps(tasks, all ? Infinity : STEP, (a, b) => a.since - b.since);
  const free = freeSizes(freeJars(household, await emptiedLately(house.db, house.clock.now())));
  const ofTasks = new Set(shownTasks.shown.map((t) => t.batchId));
  return {
    places: places
      .map((placeId) => {
        const at = jars.filter((s) => s.placeId === placeId);
        const shelfMl = at.reduce((a, s) => a + SHELF * s.filling.usableMl, 0);
        const place = household.places.find((p) => p.id === placeId)!;
        return {
          placeId,
          jars: steps(at, all ? Infinity : JARS_STEP, (a, b) => first(a) - first(b)),
          shelfMl,
          fits: stillFits(place, shelfMl, free)
        };
      })
      .filter((p) => p.jars.shown.length > 0),
    eatFirst: jars.filter((s) => !s.condemned).slice(0, EAT_FIRST),
    jars: jars.length,
    leftG: jars.reduce((a, s) => a + stockG(s.filling), 0),
    kinds: await eatingDown(house),
    tasks: shownTasks,
    souring: await souringTaught(house),
    free,
    batches: here.filter((b) => ofTasks.has(b.id)).map((b) => slim.get(b.id)!)
  };
}
