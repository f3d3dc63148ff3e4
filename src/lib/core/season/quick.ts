import { begun } from './greedy';
import { GreedyStore } from './greedy-store';
import { isAmong, startOptions, type StartOption } from './options';
import type { PlannedBatch, SeasonCrop, SeasonInput } from './types';

/** A batch that what lies there of a crop might go into now. */
export interface QuickStart {
  readonly batch: PlannedBatch;
  /** Of the crop, as picked. */
  readonly takesKg: number;
  readonly servings: number;
  /** Of these, what nothing that stands will still while it keeps. */
  readonly wanted: number;
  /** Of the crop, what is neither in it nor eaten fresh before it turns. */
  readonly leavesKg: number;
  /** A plan that is kept, or a hand, has it so. */
  readonly held: boolean;
}

/** What to do with what lies there of a crop, each way with what it leads to; kg as picked, weeks from this one. */
export interface QuickAnswers {
  readonly liesKg: number;
  /** The most wanted first. */
  readonly starts: readonly QuickStart[];
  /** Where it waits: the week in which the first of it must be used, and what has turned a week on, though it is eaten fresh. */
  readonly waits: { readonly until: number; readonly turnsKg: number };
  /** Eaten fresh alone: as much as is liked while it keeps, and what is left of it. */
  readonly eaten: { readonly kg: number; readonly leavesKg: number };
}

/** Less is nothing, kg. */
const DUST = 0.02;

/**
 * What one may do with what lies there of a crop, at once: each start carried out by itself on what stands and is free now. It
 * looks at this week only; how it goes with all that is still to come is the plan's to say.
 * Null: nothing of it lies there.
 */
export function quickAnswers(season: SeasonInput, cropId: string): QuickAnswers | null {
  const input = onlyWhatLies(season);
  const crop = input.crops.find((c) => c.id === cropId);
  const liesKg = crop ? crop.lots.reduce((a, l) => a + l.kg, 0) : 0;
  if (!crop || liesKg <= DUST) return null;
  const starts = startOptions(input)
    .filter((o) => o.week === 0 && o.style.shares.some((s) => s.cropId === cropId))
    .flatMap((o) => startNow(input, crop, o, liesKg) ?? [])
    .sort(
      (a, b) =>
        Number(b.held) - Number(a.held) ||
        b.wanted - a.wanted ||
        a.batch.styleId.localeCompare(b.batch.styleId)
    );
  const kg = freshKg(crop, crop.lots);
  const first = crop.lots.filter((l) => l.last === 0).reduce((a, l) => a + l.kg, 0);
  return {
    ...{ liesKg, starts, eaten: { kg, leavesKg: liesKg - kg } },
    waits: {
      until: Math.min(...crop.lots.map((l) => l.last)),
      turnsKg: Math.max(0, first - crop.fresh)
    }
  };
}

/** What this week is still to bring is not there yet. */
const onlyWhatLies = (input: SeasonInput): SeasonInput => ({
  ...input,
  crops: input.crops.map((c) => ({ ...c, picks: c.picks.map((kg, t) => (t === 0 ? 0 : kg)) }))
});

/** What is eaten fresh of lots, week by week while they keep, the soonest to turn first. */
function freshKg({ fresh }: SeasonCrop, of: SeasonCrop['lots']): number {
  const lots = of.map((l) => ({ ...l })).sort((a, b) => a.last - b.last);
  let eaten = 0;
  for (let week = 0; week <= Math.max(0, ...lots.map((l) => l.last)); week++) {
    let likes = fresh;
    for (const lot of lots) {
      if (lot.last < week) continue;
      const takes = Math.min(lot.kg, likes);
      lot.kg -= takes;
      likes -= takes;
      eaten += takes;
    }
  }
  return eaten;
}

function startNow(input: SeasonInput, crop: SeasonCrop, o: StartOption, liesKg: number): QuickStart | null {
  const store = new GreedyStore(input);
  store.begin(0);
  const { open } = store.uncovered(o);
  const { servingsPerKg } = o.style;
  const batch = begun(input, store, o, { wants: Math.max(open / servingsPerKg, o.least) });
  const takesKg = (batch?.uses.find((u) => u.cropId === crop.id)?.kg ?? 0) / crop.trim;
  if (!batch || takesKg <= DUST) return null;
  const servings = batch.kg * servingsPerKg;
  const left = Math.max(0, liesKg - takesKg);
  const rest = crop.lots.map((l) => ({ ...l, kg: (l.kg * left) / liesKg }));
  return {
    ...{ batch, takesKg, servings, wanted: Math.min(open, servings) },
    leavesKg: Math.max(0, left - freshKg(crop, rest)),
    held: isAmong([...input.held, ...input.earlier], o.style.id, 0)
  };
}
