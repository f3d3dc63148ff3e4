<script lang="ts">
  import { mondayAhead, type SeasonInput, type SeasonPlan, type StartAt, type Worth } from '$lib/core/season';
  import { whySays, type PlanWays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { isHeld, styleNames } from './names';
  import StartActs from './StartActs.svelte';
  import StartLine from './StartLine.svelte';
  import type { Lying } from './to-bench';
  import ToBench from './ToBench.svelte';

  /** What the plan begins this week, why, and a tap to the Bench. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    whys: ReadonlyMap<number, Worth>;
    ways: PlanWays;
    lots: Lying;
    bench: string | null;
    today: string;
    held: readonly StartAt[];
  }
  let { input, plan, whys, ways, lots, bench, today, held }: Props = $props();
  const house = useHouse();
  const now = $derived(plan.batches.map((batch, i) => ({ batch, i })).filter((b) => b.batch.week === 0));
  const name = $derived(styleNames(house.household));
</script>

<ul>
  {#each now as { batch, i } (batch.styleId)}
    <li class="border-b border-rule-soft py-3" data-start={batch.styleId}>
      <StartLine {input} {batch} firm />
      {#if whys.has(i)}<p>{whySays(whys.get(i)!, ways)}</p>{/if}
      <ToBench {batch} crops={input.crops} {lots} {bench} name={name(batch.styleId)} />
      <StartActs
        start={{ styleId: batch.styleId, monday: mondayAhead(today, 0) }}
        name={name(batch.styleId)}
        held={isHeld(held, batch, today)}
      />
    </li>
  {:else}
    <li class="py-2 text-quiet">Nothing wants beginning this week.</li>
  {/each}
</ul>
