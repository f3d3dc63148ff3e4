<script lang="ts">
  import type { SeasonInput, SeasonPlan } from '$lib/core/season';
  import type { PlanWays } from '$lib/words';
  import StartLine from './StartLine.svelte';

  /** What the plan begins after this week: whole jars while one can know, litres after that. */
  let { input, plan, ways }: { input: SeasonInput; plan: SeasonPlan; ways: PlanWays } = $props();
  const weeks = $derived(
    [...new Set(plan.batches.map((b) => b.week))].filter((t) => t > 0).sort((a, b) => a - b)
  );
  const ends = (b: SeasonPlan['batches'][number]) =>
    [...new Set(b.ends.map((e) => e.place))]
      .map((place) => {
        const week = Math.min(...b.ends.filter((e) => e.place === place).map((e) => e.week));
        return `to the ${place} in the week of ${ways.week(week)}`;
      })
      .join(', ');
</script>

<ol>
  {#each weeks as week (week)}
    <li class="grid gap-x-6 border-b border-rule-soft py-3 sm:grid-cols-[7rem_1fr]" data-week={week}>
      <p class="text-quiet">
        {ways.week(week)}{#if week >= input.firmWeeks}<span class="block text-sm">not firm yet</span>{/if}
      </p>
      <ul class="grid gap-2">
        {#each plan.batches.filter((b) => b.week === week) as batch (batch.styleId)}
          <li>
            <StartLine {input} {batch} firm={week < input.firmWeeks} />
            <p class="text-sm text-quiet">{ends(batch)}</p>
          </li>
        {/each}
      </ul>
    </li>
  {:else}
    <li class="py-2 text-quiet">Nothing after that.</li>
  {/each}
</ol>
