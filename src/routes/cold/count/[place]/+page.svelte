<script lang="ts">
  import CountShelf from '$lib/ui/batch/CountShelf.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const back = $derived(data.place.kind === 'pantry' ? '/pantry' : '/cold');
</script>

<svelte:head><title>Counting {data.place.name} · Crockle</title></svelte:head>

<p><a class="act" href={back}>{data.place.kind === 'pantry' ? 'Pantry' : 'Cold'}</a></p>
<div class="max-w-2xl">
  <h1>Count through: {data.place.name}</h1>
  <p class="text-quiet">
    {data.place.counted
      ? `Last counted ${relativeDay(data.place.counted.at, house.now)}: ${data.place.counted.jars} jars, ${data.place.counted.off} not as written.`
      : 'Not counted yet.'}
    With the same hand: brine over everything, no film, the seal tight.
  </p>
  {#key data.place.id}<CountShelf {data} />{/key}
</div>
