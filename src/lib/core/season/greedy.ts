import { GreedyStore } from './greedy-store';
import { startOptions, type End, type StartOption } from './options';
import type { JarsInUse, PlannedBatch, SeasonInput, SeasonPlan, SeasonStyle } from './types';

/** What rots this week is worth so much of a wish. */
const ROTS = 0.6;
/** What keeps raw longer waits for a batch of so many times the least. */
const KEEPERS_WAIT = 3;

/**
 * A plan at once, as people go about it: week by week eat fresh, then begin what is missed most or would rot, in the largest
 * jars that are free. Whole jars throughout; the plain way that all others are held against.
 */
export function greedyPlan(input: SeasonInput): SeasonPlan {
  const options = startOptions(input);
  const store = new GreedyStore(input);
  const batches: PlannedBatch[] = [];
  const fresh: { cropId: string; week: number; kg: number }[] = [];
  input.weeks.forEach((_, week) => {
    store.begin(week);
    for (const crop of input.crops) {
      const kg = store.raw.take(crop.id, crop.fresh);
      if (kg > 0) fresh.push({ cropId: crop.id, week, kg });
    }
    const here = options
      .filter((o) => o.week === week)
      .map((option) => ({ option, wish: wishFor(input, store, option) }))
      .filter((o) => o.wish > 0)
      .sort((a, b) => b.wish - a.wish || a.option.style.id.localeCompare(b.option.style.id));
    for (const { option } of here) {
      const batch = begun(input, store, option);
      if (batch) batches.push(batch);
    }
    store.end(week);
  });
  return { batches, fresh, eaten: store.eaten, thrown: store.thrown, back: store.back };
}

/** How much a start is wanted: by what its appetite will miss while it keeps, and by what would rot. */
export function wishFor(input: SeasonInput, store: GreedyStore, o: StartOption): number {
  const { open, all } = store.uncovered(o);
  const share = all > 0 ? open / all : 0;
  if (share <= 0) return 0;
  const rots = o.style.shares.some((s) => s.cropId !== null && store.raw.rotsNow(s.cropId, o.week));
  if (!rots && store.raw.prepared(o.style) < KEEPERS_WAIT * o.least) return 0;
  return share * input.points.missed[1] + (rots ? ROTS : 0);
}

/** What a batch is begun by, where it is not the plain way: kg at most, and the parts in which it leaves the counter. */
export interface BegunBy {
  readonly wants: number;
  readonly parts?: readonly { readonly end: End; readonly share: number }[];
}

/** As much as is there and wanted, in whole jars, the largest first; null: it does not come to a batch. */
export function begun(
  input: SeasonInput,
  store: GreedyStore,
  o: StartOption,
  by: BegunBy = { wants: store.uncovered(o).open / o.style.servingsPerKg }
): PlannedBatch | null {
  const { style, week } = o;
  const free = by.parts ? null : store.endFor(o);
  const parts = by.parts ?? (free ? [{ end: free, share: 1 }] : []);
  if (parts.length === 0) return null;
  const counter = Math.min(...parts.map((p) => store.counterFor(o, p.end)));
  const room = free ? free.kg : Infinity;
  const most = Math.min(o.most, store.raw.prepared(style), by.wants, room, store.workFor(o), counter);
  const jars = jarsFor(input, store, style, most / style.kgPerLitre);
  const kg = style.kgPerLitre * jars.reduce((a, j) => a + j.n * j.litres, 0);
  if (kg < o.least - 1e-9 || kg <= 0) return null;
  const uses = store.raw.use(style, kg);
  if (!uses) return null;
  const batch = {
    ...{ styleId: style.id, week, kg, uses },
    jars: jars.map(({ sizeId, n }) => ({ sizeId, n })),
    ends: parts.map(({ end, share }) => ({ place: end.place, week: end.week, kg: kg * share }))
  };
  store.put(
    batch,
    parts.map((p) => p.end),
    style
  );
  return batch;
}

/** Free jars that so many litres fill, the largest first. */
function jarsFor(
  input: SeasonInput,
  store: GreedyStore,
  style: SeasonStyle,
  most: number
): (JarsInUse & { readonly litres: number })[] {
  let left = Math.min(most, style.litres.to);
  return input.sizes
    .filter((j) => style.sizes.includes(j.id))
    .sort((a, b) => b.litres - a.litres)
    .flatMap(({ id, litres }) => {
      const n = Math.min(store.freeJars(id), Math.max(0, Math.floor(left / litres + 1e-9)));
      left -= n * litres;
      return n > 0 ? [{ sizeId: id, n, litres }] : [];
    });
}
