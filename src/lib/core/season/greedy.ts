import { GreedyStore } from './greedy-store';
import type { StartOption } from './options';
import { startOptions } from './options';
import type { JarsInUse, PlannedBatch, SeasonInput, SeasonPlan } from './types';

/** What rots this week is worth so much of a wish. */
const ROTS = 0.6;
/** What keeps raw longer waits for a batch of so many times the least. */
const KEEPERS_WAIT = 3;

/**
 * A plan at once, as people go about it: week by week eat fresh, then begin what is missed most or would rot, in the largest
 * jars that are free. Whole jars throughout; the plain way that all others are held against.
 * @param whim a factor on how much a start is wanted, so that repeats differ; 1: none
 */
export function greedyPlan(input: SeasonInput, whim: () => number = () => 1): SeasonPlan {
  const options = startOptions(input);
  const store = new GreedyStore(input);
  const batches: PlannedBatch[] = [];
  const fresh: { cropId: string; week: number; kg: number }[] = [];
  input.weeks.forEach((_, week) => {
    store.begin(week);
    for (const crop of input.crops) {
      const kg = store.takeRaw(crop.id, crop.fresh);
      if (kg > 0) fresh.push({ cropId: crop.id, week, kg });
    }
    const here = options
      .filter((o) => o.week === week)
      .map((option) => ({ option, wish: wishFor(input, store, option) * whim() }))
      .filter((o) => o.wish > 0)
      .sort((a, b) => b.wish - a.wish || a.option.style.id.localeCompare(b.option.style.id));
    for (const { option } of here) {
      const batch = begun(input, store, option);
      if (batch) batches.push(batch);
    }
    store.end(week);
  });
  return { batches, fresh, eaten: store.eaten, thrown: [], back: store.back };
}

/** How much a start is wanted: by what its appetite will miss while it keeps, and by what would rot. */
function wishFor(input: SeasonInput, store: GreedyStore, o: StartOption): number {
  const { open, all } = store.uncovered(o);
  const share = all > 0 ? open / all : 0;
  if (share <= 0) return 0;
  const rots = o.style.shares.some((s) => s.cropId !== null && store.rotsNow(s.cropId, o.week));
  if (!rots && store.prepared(o.style) < KEEPERS_WAIT * o.least) return 0;
  return share * input.points.missed[1] + (rots ? ROTS : 0);
}

/** As much as is there and missed, in whole jars, the largest first; null: it does not come to a batch. */
function begun(input: SeasonInput, store: GreedyStore, o: StartOption): PlannedBatch | null {
  const { style, week } = o;
  const end = store.endFor(o);
  if (!end) return null;
  const wants = store.uncovered(o).open / style.servingsPerKg;
  const most = Math.min(
    o.most,
    store.prepared(style),
    wants,
    end.kg,
    store.handsFor(o),
    store.counterFor(o, end)
  );
  const jars: JarsInUse[] = [];
  let litres = 0;
  const sizes = input.sizes.filter((j) => style.sizes.includes(j.id)).sort((a, b) => b.litres - a.litres);
  for (const { id, litres: each } of sizes) {
    const fits = Math.floor((Math.min(most / style.kgPerLitre, style.litres.to) - litres) / each + 1e-9);
    const n = Math.min(store.freeJars(id), Math.max(0, fits));
    if (n <= 0) continue;
    jars.push({ sizeId: id, n });
    litres += n * each;
  }
  const kg = style.kgPerLitre * litres;
  if (kg < o.least - 1e-9 || kg <= 0) return null;
  const uses = store.use(style, kg);
  if (!uses) return null;
  const batch = { styleId: style.id, week, kg, jars, uses, ends: [{ place: end.place, week: end.week, kg }] };
  store.put(batch, end, style);
  return batch;
}
