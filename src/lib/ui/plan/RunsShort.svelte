<script lang="ts">
  import type { PlanFacts, SeasonInput } from '$lib/core/season';
  import type { PlanWays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** Which kinds run short, how much of what is wanted, and when first. */
  let { input, facts, ways }: { input: SeasonInput; facts: PlanFacts; ways: PlanWays } = $props();
  const house = useHouse();
  /** A week is short when less than half of its wish is on the table; a little is missing when more than a tenth is. */
  const SHORT = 0.5;
  const LITTLE = 0.1;
  const inWeeks = (n: number) => `${n} week${n === 1 ? '' : 's'}`;
  /** "3 weeks, first in that of 19 Apr; a little in 20 more"; "a little, in 25 weeks"; "never". */
  function shortSays({
    weeks,
    from,
    little
  }: {
    weeks: number;
    from: number | null;
    little: number;
  }): string {
    if (from === null) return little > 0 ? `a little, in ${inWeeks(little)}` : 'never';
    return `${inWeeks(weeks)}, first in that of ${ways.week(from)}${little > 0 ? `; a little in ${little} more` : ''}`;
  }
  const rows = $derived(
    input.groups
      .map((g) => {
        const missed = facts.missed.filter((m) => m.group === g.id);
        const wanted = g.wanted.reduce((a, n) => a + n, 0);
        const missing = (share: number) => missed.filter((m) => m.servings > share * (g.wanted[m.week] ?? 0));
        const short = missing(SHORT);
        return {
          id: g.id,
          name: styleNames(house.household)(g.id),
          missed: missed.reduce((a, m) => a + m.servings, 0),
          wanted,
          weeks: short.length,
          little: missing(LITTLE).length - short.length,
          from: short.length > 0 ? Math.min(...short.map((m) => m.week)) : null
        };
      })
      .filter((r) => r.wanted >= 1)
      .sort((a, b) => b.missed / b.wanted - a.missed / a.wanted)
  );
</script>

<div class="overflow-x-auto">
  <table class="w-full max-w-2xl">
    <thead>
      <tr class="text-left text-sm text-quiet">
        <th class="py-1 pr-4 font-normal">kind</th>
        <th class="pr-4 text-right font-normal">servings wanted</th>
        <th class="pr-4 text-right font-normal">on the table</th>
        <th class="font-normal">short</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as r (r.id)}
        <tr class="border-t border-rule-soft">
          <th scope="row" class="py-1 pr-4 text-left font-semibold">{r.name}</th>
          <td class="pr-4 text-right">{Math.round(r.wanted)}</td>
          <td class="pr-4 text-right">{Math.round(r.wanted - r.missed)}</td>
          <td>{shortSays(r)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
