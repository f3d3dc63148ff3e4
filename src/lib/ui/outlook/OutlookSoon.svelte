<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Ahead } from '$lib/core/outlook';
  import { NOT_FETCHED } from '$lib/words';

  /** A jar's outlook, fetched once the room is there: nobody waits for it. */
  let { ahead, liking, children }: { ahead: Ahead; liking: number | null; children?: Snippet } = $props();
</script>

{#await import('./JarOutlook.svelte')}
  <div class="min-h-[42rem]"></div>
{:then { default: JarOutlook }}
  <JarOutlook {ahead} {liking} {children} />
{:catch}
  <!-- The line was cut in that moment. -->
  <p class="text-quiet">{NOT_FETCHED}</p>
  {@render children?.()}
{/await}
