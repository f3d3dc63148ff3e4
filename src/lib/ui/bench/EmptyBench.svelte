<script lang="ts">
  import type { Lot } from '$lib/core/lot';
  import FromGarden from './FromGarden.svelte';
  import { weighIn } from '../weigh/weigh-in.svelte';

  /** A bench on which nothing lies: what waits in the Garden, a tap away. */
  let { bench, waiting, others }: { bench: string; waiting: readonly Lot[]; others: number } = $props();
</script>

<h1>{others > 0 ? 'What goes on this bench?' : 'The bench is clear'}</h1>
{#if waiting.length > 0}
  <p class="mt-3 max-w-prose text-lg">
    Take a pick from the Garden, and the jars, the brine and the salt follow{others > 0
      ? '; jars that the other bench holds stay with it'
      : ''}.
  </p>
  <div class="mt-2 max-w-xl"><FromGarden {bench} {waiting} /></div>
  <button class="act mt-2" onclick={() => weighIn.show()}>+ weigh in</button>
{:else}
  <p class="mt-3 max-w-prose text-lg">
    Weigh in a pick, take it to the bench, and the jars, the brine and the salt follow.
    <button class="act" onclick={() => weighIn.show()}>+ weigh in</button>
  </p>
{/if}
