<script lang="ts">
  import type { Caution } from '$lib/core/safety';
  import { cautionWords } from '$lib/words';
  import { useHouse } from '../house/house.svelte';

  let { cautions }: { cautions: readonly Caution[] } = $props();
  const house = useHouse();
  const said = $derived(cautions.map((c) => ({ ...c, ...cautionWords(c, house.household.units) })));
</script>

{#if cautions.length > 0}
  <ul class="flex flex-col gap-3">
    {#each said as c (c.rule + c.says)}
      <li class={c.level}>
        <p class={c.level === 'harm' ? 'font-bold text-harm' : 'font-semibold'}>{c.says}</p>
        <p class="text-sm">{c.reason}</p>
        <details class="text-sm text-quiet">
          <summary class="cursor-pointer underline underline-offset-4">source</summary>
          {c.source}
        </details>
      </li>
    {/each}
  </ul>
{/if}
