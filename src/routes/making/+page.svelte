<script lang="ts">
  import DayRoom from '$lib/ui/run/DayRoom.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const makings = $derived(data.makings.map((m) => ({ ...m, bench: { ...m.bench, make: null } })));
</script>

<svelte:head><title>The day's order · Crockle</title></svelte:head>
{#key makings.map((m) => m.run.id).join()}<DayRoom {makings} />{/key}
