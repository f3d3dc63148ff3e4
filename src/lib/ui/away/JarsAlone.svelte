<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import type { LeftAlone } from '$lib/core/care';
  import { aloneWords, jarsSaid, LID_WORDS } from '$lib/words';
  import { dialogs } from '../batch/dialogs.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Jars of a batch over the days away: what they would want, and what may be done before. */
  let { jars, batch }: { jars: LeftAlone; batch: BatchInHand | undefined } = $props();
  const house = useHouse();
  const said = $derived(jarsSaid(jars.lidNumbers));
</script>

<li class="line grid items-center gap-x-6 gap-y-2 md:grid-cols-[1fr_auto]">
  <div class="min-w-0">
    <p class="flex flex-wrap items-baseline gap-x-3">
      <b class="big text-lg">{said[0]?.toUpperCase()}{said.slice(1)}</b>
      <a class="text-sm underline underline-offset-4" href="/notebook/{jars.batchId}">{jars.batchName}</a>
      <span class="text-sm text-quiet">{house.placeName(jars.placeId)}, {LID_WORDS[jars.lid]}</span>
    </p>
    <p>{aloneWords(jars).join(' ')}</p>
  </div>
  {#if batch}
    <div class="flex flex-wrap gap-2">
      {#if jars.ways.includes('cold')}<Button
          outline
          onclick={() => dialogs.show('move', batch, jars.fillingIds)}>Into the cold…</Button
        >{/if}
      {#if jars.ways.includes('lid')}<Button
          outline
          onclick={() => dialogs.show('lid', batch, jars.fillingIds)}>Another lid…</Button
        >{/if}
    </div>
  {/if}
</li>
