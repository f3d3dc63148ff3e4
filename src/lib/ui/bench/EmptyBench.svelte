<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { Lot } from '$lib/core/lot';
  import { crop } from '$lib/core/produce';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';
  import { weighIn } from '../weigh/weigh-in.svelte';

  /** A bench on which nothing lies: what waits in the Garden, a tap away. */
  let { bench, waiting, others }: { bench: string; waiting: readonly Lot[]; others: number } = $props();
  const house = useHouse();
</script>

<h1>{others > 0 ? 'What goes on this bench?' : 'The bench is clear'}</h1>
{#if waiting.length > 0}
  <p class="mt-3 max-w-prose text-lg">
    Take a pick from the Garden, and the jars, the brine and the salt follow{others > 0
      ? '; jars that the other bench holds stay with it'
      : ''}.
  </p>
  <ul class="mt-2 max-w-xl">
    {#each waiting as lot (lot.id)}
      <li class="line flex items-center justify-between gap-x-4">
        <div class="min-w-0">
          <p class="text-lg leading-tight font-semibold">
            {crop(lot.cropId)?.name}{lot.variety ? `, ${lot.variety}` : ''}
          </p>
          <p class="text-sm text-quiet">
            {[house.mass(lot.gardenG), lot.bed, relativeDay(wall(lot.day, 12), house.now)]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <ActionForm command="take-to-bench" values={{ lotId: lot.id, bench }}>
          {#snippet children({ busy })}<button
              class="act min-h-11"
              disabled={busy}
              aria-label="Take {crop(lot.cropId)?.name} to the bench">to the bench</button
            >{/snippet}
        </ActionForm>
      </li>
    {/each}
  </ul>
  <button class="act mt-2" onclick={() => weighIn.show(bench)}>+ weigh in</button>
{:else}
  <p class="mt-3 max-w-prose text-lg">
    Weigh in a pick, take it to the bench, and the jars, the brine and the salt follow.
    <button class="act" onclick={() => weighIn.show(bench)}>+ weigh in</button>
  </p>
{/if}
