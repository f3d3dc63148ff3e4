<script lang="ts">
  import JarsOwned from '$lib/ui/kit/JarsOwned.svelte';
  import Places from '$lib/ui/kit/Places.svelte';
  import Crops from '$lib/ui/kit/Crops.svelte';
  import OwnStyles from '$lib/ui/kit/OwnStyles.svelte';
  import Learnt from '$lib/ui/kit/Learnt.svelte';
  import AwayDays from '$lib/ui/kit/AwayDays.svelte';
  import Weights from '$lib/ui/kit/Weights.svelte';
  import Portions from '$lib/ui/kit/Portions.svelte';
  import Tares from '$lib/ui/kit/Tares.svelte';
  import Calibrate from '$lib/ui/meter/Calibrate.svelte';
  import Settings from '$lib/ui/kit/Settings.svelte';
  import WhoComesIn from '$lib/ui/people/WhoComesIn.svelte';
  import Feeds from '$lib/ui/people/Feeds.svelte';
  import Standing from '$lib/ui/kit/Standing.svelte';
  import SaltTable from '$lib/ui/kit/SaltTable.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Kit · Crockle</title></svelte:head>

<h1>What you work with</h1>
<div class="mt-4 grid gap-x-12 gap-y-10 lg:grid-cols-2">
  <div class="flex min-w-0 flex-col gap-10">
    <JarsOwned full={data.full} toWash={data.toWash} back={data.back} /><SaltTable />
    <Crops /><OwnStyles />
    <Weights />
    <Learnt learnt={data.learnt} souring={data.souring} />
  </div>
  <div class="flex min-w-0 flex-col gap-10">
    <Places /><Tares /><Portions /><Calibrate />
    <AwayDays /><Settings />{#if data.door}<WhoComesIn door={data.door} /><Feeds
        feeds={data.door.passes.filter((p) => p.kind === 'feed')}
      />{/if}<Standing />
  </div>
</div>
