<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { CameOf, StartAt } from '$lib/core/season';
  import { cameSays, keptSays, roughly, shortDay } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** What came of the plan in the weeks before. */
  interface Came extends StartAt {
    readonly came: CameOf;
    readonly plannedG: number;
    readonly madeG: number;
  }
  let { all }: { all: readonly Came[] } = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const mass = (g: number) => house.mass(roughly(g));
</script>

<p class="pt-2">{keptSays(all)}</p>
<ul>
  {#each all as s (`${s.monday} ${s.styleId}`)}
    <li class="flex flex-wrap justify-between gap-x-4 border-b border-rule-soft py-1">
      <span><span class="text-quiet">{shortDay(wall(s.monday, 12))}</span> <b>{name(s.styleId)}</b></span>
      <span
        >{cameSays(s.came)}{#if s.came !== 'not' && s.plannedG > 0}, {mass(s.madeG)} of {mass(
            s.plannedG
          )}{/if}</span
      >
    </li>
  {/each}
</ul>
<p class="pt-1 text-sm text-quiet">Of the last eight weeks, by the week of a start; what went in, trimmed.</p>
