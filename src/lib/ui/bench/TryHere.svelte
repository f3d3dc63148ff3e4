<script lang="ts">
  import { aheadOfCard, knowsOf, type TaughtBySouring } from '$lib/core/outlook';
  import type { Worksheet } from '$lib/core/worksheet';
  import { NOT_FETCHED } from '$lib/words';
  import Fold from '../forms/Fold.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';

  /** What the largest jar of this worksheet would do where it will stand, and what else it would do otherwise. */
  let { bench, sheet, souring }: { bench: Bench; sheet: Worksheet; souring: readonly TaughtBySouring[] } =
    $props();
  const house = useHouse();
  const largest = $derived(
    sheet.jars.reduce<Worksheet['jars'][number] | undefined>(
      (a, j) => (a && a.contentsG >= j.contentsG ? a : j),
      undefined
    )
  );
  const base = $derived(
    largest
      ? aheadOfCard(
          sheet,
          largest,
          bench.place ?? { tempC: 21 },
          knowsOf(house.household, souring),
          house.now
        )
      : null
  );
</script>

{#if base}
  <Fold text="Try it before you risk it" class="no-print">
    {#await import('../outlook/TryIt.svelte') then { default: TryIt }}
      <TryIt {base} begun={false} />
    {:catch}
      <p class="text-quiet">{NOT_FETCHED}</p>
    {/await}
  </Fold>
{/if}
