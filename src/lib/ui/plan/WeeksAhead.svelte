<script lang="ts">
  import {
    mondayAhead,
    surenessOf,
    type OtherYears,
    type SeasonInput,
    type SeasonPlan,
    type StartAt
  } from '$lib/core/season';
  import { sureSays, type PlanWays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { isHeld, styleNames } from './names';
  import StartActs from './StartActs.svelte';
  import StartLine from './StartLine.svelte';

  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    ways: PlanWays;
    today: string;
    held: readonly StartAt[];
    /** The years it was played through; null: not yet. */
    years: OtherYears | null;
  }
  /** What the plan begins after this week: whole jars while one can know, litres after that. */
  let { input, plan, ways, today, held, years }: Props = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
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
    <li
      class="grid gap-x-6 border-b border-rule-soft py-3 sm:grid-cols-[7rem_1fr] print:block print:py-1"
      data-week={week}
    >
      <p class="text-quiet">
        {ways.week(week)}{#if week >= input.firmWeeks && !years}<span class="block text-sm">not firm yet</span
          >{/if}
      </p>
      <ul class="grid gap-2">
        {#each plan.batches.filter((b) => b.week === week) as batch (batch.styleId)}
          <li>
            <StartLine {input} {batch} firm={week < input.firmWeeks} />
            <p class="text-sm text-quiet {week < input.firmWeeks ? '' : 'no-print'}">
              {#if years}
                <span data-sure>{`${sureSays(surenessOf(years, batch, input.firmWeeks))}; `}</span>
              {/if}
              {ends(batch)}
            </p>
            {#if week < input.firmWeeks}
              <StartActs
                start={{ styleId: batch.styleId, monday: mondayAhead(today, week) }}
                name="{name(batch.styleId)}, {ways.week(week)}"
                held={isHeld(held, batch, today)}
              />
            {/if}
          </li>
        {/each}
      </ul>
    </li>
  {:else}
    <li class="py-2 text-quiet">Nothing after that.</li>
  {/each}
</ol>
