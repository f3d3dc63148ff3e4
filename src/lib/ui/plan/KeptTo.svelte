<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { CameOf, StartAt } from '$lib/core/season';
  import { cameSays, shortDay } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** What came of the plan in the weeks before. */
  let { all }: { all: readonly (StartAt & { readonly came: CameOf })[] } = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const done = $derived(all.filter((s) => s.came !== 'not').length);
</script>

<p class="pt-2">{done} of {all.length} begun.</p>
<ul>
  {#each all as s (`${s.monday} ${s.styleId}`)}
    <li class="flex flex-wrap justify-between gap-x-4 border-b border-rule-soft py-1">
      <span><span class="text-quiet">{shortDay(wall(s.monday, 12))}</span> <b>{name(s.styleId)}</b></span>
      <span>{cameSays(s.came)}</span>
    </li>
  {/each}
</ul>
<p class="pt-1 text-sm text-quiet">Of the last eight weeks, by the week of a start.</p>
