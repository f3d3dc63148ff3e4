<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import PickGrams from '$lib/ui/ledger/PickGrams.svelte';
  import { dayAndYear } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const name = $derived(house.crop(data.lot.cropId)?.name ?? data.lot.cropId);
</script>

<svelte:head><title>Every gram: {name} · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/garden">Garden</a></p>
<h1>Every gram of this pick: {name}{data.lot.variety ? `, ${data.lot.variety}` : ''}</h1>
<p class="text-quiet">
  {[data.lot.bed, dayAndYear(wall(data.lot.day, 12)), `weighed in as ${data.lot.weighed.said}`]
    .filter(Boolean)
    .join(', ')}{data.lot.corrected ? ' (corrected)' : ''}
</p>
<div class="mt-5"><PickGrams book={data.book} names={data.names} /></div>
