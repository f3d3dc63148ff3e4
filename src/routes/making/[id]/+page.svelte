<script lang="ts">
  import RunRoom from '$lib/ui/run/RunRoom.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Making {data.run.name} · Crockle</title></svelte:head>
{#key data.run.id}<RunRoom
    run={data.run}
    data={{ ...data.bench, make: null }}
    shelf={data.shelf}
    others={data.others}
  />{/key}
