<script lang="ts">
  import type { Amount } from '$lib/core/run';
  import { useHouse } from '../house/house.svelte';
  import { amountRows } from './amounts';

  /** The amounts of one step, larger than all else: what the hands take. */
  let { amounts }: { amounts: readonly Amount[] } = $props();
  const house = useHouse();
</script>

<ul class="flex flex-col" aria-label="Amounts">
  {#each amountRows(amounts, house) as r, i (i)}
    <li class="line grid grid-cols-[minmax(7rem,auto)_1fr] items-baseline gap-x-4">
      <span class="font-display text-4xl font-extrabold whitespace-nowrap">{r.big}</span>
      <span class="text-[1.5rem] leading-tight"
        >{r.of}{#if r.more}<span class="block text-base text-quiet">{r.more}</span>{/if}</span
      >
    </li>
  {/each}
</ul>
