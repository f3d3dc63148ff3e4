import type { LpSolver } from './lp';
import { startOptions } from './options';
import type { SeasonCrop, SeasonInput, SeasonPlan, StartIn } from './types';
import { carriedOut } from './whole';
import { worthOf, type Worth } from './why';

/** What a plan does with what lies there of a crop: as picked, kg, week by week, the oldest first; and what of it rots. */
export interface Becomes {
  readonly parts: readonly {
    readonly week: number;
    /** Null: eaten fresh. */
    readonly styleId: string | null;
    readonly kg: number;
  }[];
  readonly rotsKg: number;
}

/** Less is nothing, kg. */
const DUST = 0.005;

/** What becomes of what lies there of a crop. */
export function whatBecomes(input: SeasonInput, plan: SeasonPlan, cropId: string): Becomes {
  const crop = input.crops.find((c) => c.id === cropId);
  if (!crop) return { parts: [], rotsKg: 0 };
  const wants = [
    ...plan.fresh
      .filter((f) => f.cropId === cropId)
      .map(({ week, kg }) => ({ week, styleId: null as string | null, kg })),
    ...plan.batches.flatMap((b) =>
      b.uses
        .filter((u) => u.cropId === cropId)
        .map((u) => ({ week: b.week, styleId: b.styleId, kg: u.kg / crop.trim }))
    )
  ].sort((a, b) => a.week - b.week);
  const lots = crop.lots.map((l) => ({ ...l })).sort((a, b) => a.last - b.last);
  const parts = wants.flatMap(({ kg, ...at }) => {
    let taken = 0;
    for (const lot of lots) {
      if (lot.last < at.week) continue;
      const takes = Math.min(lot.kg, kg - taken);
      lot.kg -= takes;
      taken += takes;
    }
    return taken > DUST ? [{ ...at, kg: taken }] : [];
  });
  const left = lots.reduce((a, l) => a + l.kg, 0);
  return { parts, rotsKg: left > DUST ? left : 0 };
}

/** What else one may do with it, against the plan: it waits for a week, or is given away. */
export interface Otherwise {
  readonly waits: Worth | null;
  readonly given: Worth | null;
}

/** What comes of it when what lies there of a crop waits for a week, or is given away; all other starts held. */
export function otherwise(input: SeasonInput, solver: LpSolver, plan: SeasonPlan, cropId: string): Otherwise {
  const uses = (b: SeasonPlan['batches'][number]) => b.uses.some((u) => u.cropId === cropId && u.kg > DUST);
  const now = plan.batches.filter((b) => b.week === 0 && uses(b));
  const held = carried(input, solver, plan.batches);
  const later = plan.batches.map((b) => (now.includes(b) ? { ...b, week: 1 } : b));
  const waits = carried({ ...input, barred: [...input.barred, ...now] }, solver, later);
  const without = (c: SeasonCrop): SeasonCrop => (c.id === cropId ? { ...c, lots: [] } : c);
  const given = carried({ ...input, crops: input.crops.map(without) }, solver, plan.batches);
  return {
    waits: held && waits && now.length > 0 ? worthOf(held, waits) : null,
    given: held && given ? worthOf(held, given) : null
  };
}

/** What some starts come to. */
function carried(input: SeasonInput, solver: LpSolver, starts: readonly StartIn[]) {
  const options = startOptions(input).filter((o) =>
    starts.some((s) => s.styleId === o.style.id && s.week === o.week)
  );
  return carriedOut(input, solver, options, { seconds: 0, gap: 0 })?.facts ?? null;
}
