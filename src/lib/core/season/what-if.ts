import type { PlanFacts } from './check';
import type { SeasonInput } from './types';

/** Another season beside this one: what one might change of it. */
export type WhatIf =
  | { readonly is: 'nobody-away' | 'more-hands' | 'more-cold' | 'fewer-picks' | 'more-picks' | 'early-frost' }
  | { readonly is: 'more-jars'; readonly sizeId: string };

/** How much more or less each asks for: hours and batches as a factor, jars, litres, picks as a factor, weeks. */
export const WHAT_IF = { hands: 1.5, jars: 2, coldLitres: 20, fewer: 0.7, more: 1.3, frostWeeks: 3 } as const;

/** The season as it would be. */
export function seasonIf(input: SeasonInput, what: WhatIf): SeasonInput {
  const weeks = (change: (w: SeasonInput['weeks'][number]) => Partial<SeasonInput['weeks'][number]>) => ({
    ...input,
    weeks: input.weeks.map((w) => ({ ...w, ...change(w) }))
  });
  const picks = (factor: number) => ({
    ...input,
    // What lies there lies there.
    crops: input.crops.map((c) => ({ ...c, picks: c.picks.map((kg) => kg * factor) }))
  });
  switch (what.is) {
    case 'nobody-away':
      return weeks(() => ({ away: false }));
    case 'more-hands':
      return weeks((w) => ({
        hours: w.hours * WHAT_IF.hands,
        batches: Math.ceil(w.batches * WHAT_IF.hands)
      }));
    case 'more-cold':
      return weeks((w) => ({ cold: w.cold + WHAT_IF.coldLitres }));
    case 'fewer-picks':
      return picks(WHAT_IF.fewer);
    case 'more-picks':
      return picks(WHAT_IF.more);
    case 'early-frost':
      return {
        ...input,
        crops: input.crops.map((c) => {
          const last = Math.max(0, (c.frost ?? Infinity) - WHAT_IF.frostWeeks);
          return { ...c, picks: c.picks.map((kg, t) => (t > last ? 0 : kg)) };
        })
      };
    case 'more-jars':
      return {
        ...input,
        sizes: input.sizes.map((j) => (j.id === what.sizeId ? { ...j, owned: j.owned + WHAT_IF.jars } : j))
      };
  }
}

/** What a plan comes to, line by line. */
export interface PlanLine {
  readonly batches: number;
  readonly servings: number;
  readonly missed: number;
  readonly rotsKg: number;
  readonly hours: number;
}

/** A plan in a line of figures. */
export const lineOf = (batches: number, f: PlanFacts): PlanLine => ({
  ...{ batches, servings: f.servings },
  missed: f.missed.reduce((a, m) => a + m.servings, 0),
  rotsKg: f.thrownKg + f.lost.reduce((a, l) => a + l.kg, 0),
  hours: f.hours.reduce((a, h) => a + h, 0)
});
