<script lang="ts">
  import BenchRoom from '$lib/ui/bench/BenchRoom.svelte';
  import Benches from '$lib/ui/bench/Benches.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Bench · Crockle</title></svelte:head>
<Benches bench={data.bench} makings={data.makings} />
<!-- Another bench is another hand's work: nothing of the one stays on the other. -->
{#key data.bench}<BenchRoom {data} />{/key}
