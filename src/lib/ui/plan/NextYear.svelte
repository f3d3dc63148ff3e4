<script lang="ts">
  import type { ToSow } from '$lib/core/season';
  import { sowSays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';

  /** How much of what to sow for next year's table. */
  let { all }: { all: readonly ToSow[] } = $props();
  const house = useHouse();
</script>

<ul>
  {#each all as s (s.cropId)}
    <li class="border-b border-rule-soft py-1">
      <b>{house.crop(s.cropId)?.name ?? s.cropId}</b>: {sowSays(s, { mass: house.mass })}
    </li>
  {/each}
</ul>
<p class="pt-1 text-sm text-quiet">
  For a year’s table as it is wanted now, each kind made of what it was made of in the last twelve months;
  metres by what your rows give, where they are said, else by the table. Nine seasons in ten lie between.
</p>
