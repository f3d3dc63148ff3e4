<script lang="ts">
  import type { Place } from '$lib/core/kit';
  import { useHouse } from '../house/house.svelte';
  import { thermometers } from './thermometers.svelte';

  /** What the thermometer of a place shows as it comes, and for the stand-in a hand on its room. */
  let { place, played }: { place: Place; played: boolean } = $props();
  const house = useHouse();
  $effect(() => thermometers.listen());
  const shows = $derived(thermometers.reading?.tempC[place.id]);
  const SPELLS = [
    { byC: 6, name: 'a warm spell' },
    { byC: -5, name: 'a cold one' },
    { byC: 0, name: 'as usual' }
  ];
</script>

<div class="text-sm text-quiet" role="group" aria-label="Thermometer: {place.name}">
  {#if thermometers.lost}
    <p class="text-heed" role="status">
      Its thermometer does not answer. What it remembers is noted once it does; till then note a reading by
      hand.
    </p>
  {:else if shows !== undefined}
    <p>
      Its thermometer shows <b class="text-ink" data-shows>{house.temp(shows)}</b> and is noted by itself.
    </p>
  {/if}
  {#if played && thermometers.there?.playable}
    <p class="flex flex-wrap items-center gap-x-4">
      A stand-in to play with:
      {#each SPELLS as { byC, name } (byC)}<button
          type="button"
          class="act"
          onclick={() => thermometers.act({ do: 'spell', placeId: place.id, byC })}>{name}</button
        >{/each}
      <button
        type="button"
        class="act"
        onclick={() => thermometers.act({ do: 'plug', connected: thermometers.lost })}
        >{thermometers.lost ? 'plug it in' : 'pull the plug'}</button
      >
    </p>
  {/if}
</div>
