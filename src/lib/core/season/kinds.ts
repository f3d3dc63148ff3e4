import type { SeasonInput, SeasonPlan } from './types';

/** A batch on the counter: from its week up to the one in which it is stored. */
export interface OnCounter {
  readonly styleId: string;
  /** What most of it is; null: nobody says. */
  readonly cropId: string | null;
  readonly from: number;
  readonly until: number;
  readonly kg: number;
  /** Begun by the plan; else it stands there already. */
  readonly planned: boolean;
}

/** A kind over the season: what of it is on the counter, what is stored, what of it is eaten of what is wanted. */
export interface KindInSeason {
  readonly group: string;
  readonly counter: readonly OnCounter[];
  /** Stored at the end of a week and still good, kg. */
  readonly stored: readonly number[];
  /** Servings by week. */
  readonly eaten: readonly number[];
  readonly wanted: readonly number[];
}

/** Less is nothing, kg. */
const DUST = 0.02;

/** Every kind that comes to the table, stands somewhere or is wanted, through counter, store and table, week by week. */
export function kindsInSeason(input: SeasonInput, plan: SeasonPlan): KindInSeason[] {
  return input.groups
    .map((g) => kindInSeason(input, plan, g))
    .filter((k) => k.counter.length > 0 || [...k.eaten, ...k.stored].some((n) => n > DUST));
}

function kindInSeason(
  input: SeasonInput,
  plan: SeasonPlan,
  { id, wanted }: SeasonInput['groups'][number]
): KindInSeason {
  const of = input.styles.filter((s) => s.group === id);
  const is = (styleId: string) => of.find((s) => s.id === styleId);
  const standing = input.standing.filter((s) => is(s.styleId) && s.ready > 0);
  const counter = [
    ...standing.map(({ styleId, ready: until, kg }) => ({
      ...{ styleId, until, kg, cropId: null, from: 0, planned: false }
    })),
    ...plan.batches
      .filter((b) => is(b.styleId))
      .map((b) => ({
        ...{ styleId: b.styleId, from: b.week, kg: b.kg, planned: true },
        cropId: [...b.uses].sort((x, y) => y.kg - x.kg)[0]?.cropId ?? null,
        until: Math.max(b.week + 1, ...b.ends.map((e) => e.week))
      }))
  ];
  const eaten = input.weeks.map(() => 0);
  for (const m of plan.eaten) {
    const style = is(m.styleId);
    if (style) eaten[m.week]! += m.kg * style.servingsPerKg;
  }
  const stored = of.flatMap((s) => storedOf(input, plan, s.id));
  return {
    ...{ group: id, counter, eaten, wanted: input.weeks.map((_, t) => wanted[t] ?? 0) },
    stored: input.weeks.map((_, t) => stored.reduce((a, s) => a + (s[t] ?? 0), 0))
  };
}

/** What of a style is stored at the end of each week in each place: the oldest is eaten first, what is past its week is gone. */
function storedOf(input: SeasonInput, plan: SeasonPlan, styleId: string): number[][] {
  const style = input.styles.find((s) => s.id === styleId)!;
  return (['cold', 'cellar'] as const).map((place) => {
    const lots = [
      ...input.stored
        .filter((s) => s.styleId === styleId && s.place === place)
        .map((s) => ({ week: 0, last: s.last, kg: s.kg })),
      ...input.standing
        .filter((s) => s.styleId === styleId && place === 'cold')
        .map((s) => ({ week: s.ready, last: s.ready + style.keeps.cold - 1, kg: s.kg })),
      ...plan.batches
        .filter((b) => b.styleId === styleId)
        .flatMap((b) => b.ends.filter((e) => e.place === place))
        .map((e) => ({ week: e.week, last: e.week + style.keeps[place] - 1, kg: e.kg }))
    ].sort((a, b) => a.last - b.last);
    const gone = input.weeks.map(() => 0);
    for (const m of [...plan.eaten, ...plan.thrown])
      if (m.styleId === styleId && m.place === place) gone[m.week]! += m.kg;
    return input.weeks.map((_, t) => {
      let goes = gone[t]!;
      for (const lot of lots) {
        if (lot.week > t) continue;
        const takes = Math.min(lot.kg, goes);
        lot.kg -= takes;
        goes -= takes;
        if (lot.last <= t) lot.kg = 0;
      }
      return lots.reduce((a, l) => (l.week <= t ? a + l.kg : a), 0);
    });
  });
}
