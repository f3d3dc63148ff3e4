<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { Lot } from '$lib/core/lot';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';

  /** What waits in the Garden, each a tap away from this bench. */
  let { bench, waiting }: { bench: string; waiting: readonly Lot[] } = $props();
  const house = useHouse();
</script>

<ul>
  {#each waiting as lot (lot.id)}
    <li class="line flex items-center justify-between gap-x-4">
      <div class="min-w-0">
        <p class="text-lg leading-tight font-semibold">
          {house.crop(lot.cropId)?.name}{lot.variety ? `, ${lot.variety}` : ''}
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
            aria-label="Take {house.crop(lot.cropId)?.name} to the bench">to the bench</button
          >{/snippet}
      </ActionForm>
    </li>
  {/each}
</ul>
