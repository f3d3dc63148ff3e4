import type { Scaled } from '$lib/core/recipe';
import type { Seasoning } from '$lib/core/run';
import type { Addition } from '$lib/core/style';
import type { Worksheet } from '$lib/core/worksheet';
import { seasoningOf } from '../bench/targets';

/** What goes with a batch, at the step where it goes in: of the recipe, or what the style usually takes. Weighed by the same names as on the Bench. */
export function seasonsOf(
  sheet: Worksheet,
  additions: readonly Addition[],
  scaled: Scaled | null,
  jarsWorth: number
): Seasoning[] {
  const weighed = seasoningOf(sheet, additions, scaled);
  if (scaled)
    return scaled.lines.flatMap((l, i) =>
      l.of.produce
        ? []
        : [
            {
              ...{ id: `with-${i + 1}`, name: l.of.name, amount: l.amount, unit: l.unit, g: l.g },
              per: l.of.scales === 'jar' || l.of.scales === 'room' ? 'jar' : 'kg'
            }
          ]
    );
  return additions.map((a, i): Seasoning => {
    const grows = { kg: sheet.packedG / 1000, jar: jarsWorth, batch: 1, free: 1 }[a.per];
    const own = weighed.find((w) => w.name === a.name);
    return {
      ...{ id: own?.id ?? `beside-${i + 1}`, name: a.name, unit: a.unit, g: own?.g ?? null, per: a.per },
      amount: a.per === 'free' ? null : a.amount * grows
    };
  });
}
