<script lang="ts">
  import { nanoid } from 'nanoid';
  import { goto } from '$app/navigation';
  import { Button } from 'flowbite-svelte';
  import {
    mondayAhead,
    type PlannedBatch,
    type SeasonInput,
    type SeasonPlan,
    type StartAt,
    type Worth
  } from '$lib/core/season';
  import { whySays, type PlanWays, type Problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { send, tell } from '../house/send';
  import { isHeld, styleNames } from './names';
  import StartActs from './StartActs.svelte';
  import StartLine from './StartLine.svelte';

  /** What the plan begins this week, why, and a tap to the Bench. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    whys: ReadonlyMap<number, Worth>;
    ways: PlanWays;
    lots: readonly { readonly id: string; readonly cropId: string; readonly gardenG: number }[];
    bench: string | null;
    today: string;
    held: readonly StartAt[];
  }
  let { input, plan, whys, ways, lots, bench, today, held }: Props = $props();
  const house = useHouse();
  const now = $derived(plan.batches.map((batch, i) => ({ batch, i })).filter((b) => b.batch.week === 0));
  const name = $derived(styleNames(house.household));
  let busy = $state(false);
  let problem = $state<Problem | null>(null);

  /** Raw of a crop that a start takes, g as picked, and what of it lies in the Garden. */
  function raw(batch: PlannedBatch): { cropId: string; g: number; here: number }[] {
    return batch.uses.flatMap((u) => {
      const crop = input.crops.find((c) => c.id === u.cropId);
      if (!crop) return [];
      const here = lots.filter((l) => l.cropId === crop.id).reduce((a, l) => a + l.gardenG, 0);
      return [{ cropId: crop.id, g: (1000 * u.kg) / crop.trim, here }];
    });
  }
  /** A crop of which a pinch is wanting is there. */
  const ENOUGH = 0.9;
  const wanting = (batch: PlannedBatch) => raw(batch).filter((r) => r.here < ENOUGH * r.g);

  async function toBench(batch: PlannedBatch): Promise<void> {
    busy = true;
    problem = null;
    const to = bench ?? nanoid(10);
    for (const { cropId, g } of raw(batch)) {
      let left = g;
      for (const lot of lots.filter((l) => l.cropId === cropId)) {
        const takes = Math.min(left, lot.gardenG);
        if (takes < 1) continue;
        // What is nearly all of it is all of it.
        const weight = takes > ENOUGH * lot.gardenG ? '' : `${Math.round(takes)} g`;
        const taken = await send('take-to-bench', { lotId: lot.id, bench: to, weight });
        if (!taken.ok) {
          [problem, busy] = [taken.problem, false];
          return;
        }
        left -= takes;
      }
    }
    const counts = Object.fromEntries(batch.jars.map((j) => [j.sizeId, Math.round(j.n)]));
    await tell('bench-draft', { bench: to, set: { styleId: batch.styleId, counts } });
    await goto(`/bench?bench=${to}`, { invalidateAll: true });
  }
</script>

<ul>
  {#each now as { batch, i } (batch.styleId)}
    {@const lacks = wanting(batch)}
    <li class="border-b border-rule-soft py-3" data-start={batch.styleId}>
      <StartLine {input} {batch} firm />
      {#if whys.has(i)}<p>{whySays(whys.get(i)!, ways)}</p>{/if}
      {#if lacks.length === 0}
        <Button class="no-print mt-2" disabled={busy} onclick={() => toBench(batch)}
          >Take it to the Bench</Button
        >
      {:else}
        <p class="text-quiet">
          Once it is picked: {lacks
            .map((r) => `${house.mass(Math.round((r.g - r.here) / 10) * 10)} ${house.cropName(r.cropId)}`)
            .join(', ')} is not in the Garden yet.
        </p>
      {/if}
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
<Trouble problem={problem ?? undefined} />
