<script lang="ts">
  import FinishRoom from '$lib/ui/finish/FinishRoom.svelte';
  import Later from '$lib/ui/house/Later.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Finish {data.batch.name} · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/notebook/{data.batch.id}">{data.batch.name}</a></p>
<FinishRoom shown={data} />
<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
