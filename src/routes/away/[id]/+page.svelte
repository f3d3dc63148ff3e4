<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { wall } from '$lib/core/calendar';
  import JarsAlone from '$lib/ui/away/JarsAlone.svelte';
  import NeighbourSheet from '$lib/ui/away/NeighbourSheet.svelte';
  import Later from '$lib/ui/house/Later.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { longDay } from '$lib/ui/time';
  import { wayWords } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const span = $derived(
    data.from === data.to
      ? longDay(wall(data.from))
      : `${longDay(wall(data.from))} to ${longDay(wall(data.to))}`
  );
  const alone = $derived(data.plan.jars.filter((j) => j.ways.includes('stays')));
  const wanting = $derived(data.plan.jars.filter((j) => !j.ways.includes('stays')));
  const ways = $derived(
    (['cold', 'lid', 'neighbour'] as const).filter((way) => wanting.some((j) => j.ways.includes(way)))
  );
  const batchOf = (id: string) => data.batches.find((b) => b.id === id);
</script>

<svelte:head><title>Away · Crockle</title></svelte:head>

<h1>Away: {span}</h1>
<p class="no-print pt-1"><a class="act" href="/kit#away">Days away, in Kit</a></p>

{#if data.plan.until <= house.now}
  <p class="mt-4 text-lg">Those days are over: <a class="act" href="/">Today</a> says what waits.</p>
{:else if data.plan.jars.length === 0}
  <p class="mt-4 text-lg">Nothing stands on the counter: the jars in the cold look after themselves.</p>
{/if}

{#if data.plan.until > house.now}<div class="no-print">
    {#if wanting.length > 0}
      <section class="mt-6" aria-label="Before you leave">
        <h2 class="border-b-2 border-ink pb-1">Before you leave</h2>
        <ul class="max-w-prose py-2">
          {#each ways as way (way)}
            <li>
              <b class="font-semibold">{wayWords(way).does}</b>:
              <span class="text-quiet">{wayWords(way).more}.</span>
            </li>
          {/each}
        </ul>
        <ul>
          {#each wanting as jars (`${jars.batchId} ${jars.placeId} ${jars.lid}`)}<JarsAlone
              {jars}
              batch={batchOf(jars.batchId)}
            />{/each}
        </ul>
      </section>
    {/if}
    {#if alone.length > 0}
      <section class="mt-8" aria-label="May be left">
        <h2 class="border-b border-rule-strong pb-1">May be left</h2>
        <p class="pt-2 text-quiet">
          {wayWords('stays').more[0]?.toUpperCase()}{wayWords('stays').more.slice(1)}.
        </p>
        <ul>
          {#each alone as jars (`${jars.batchId} ${jars.placeId} ${jars.lid}`)}<JarsAlone
              {jars}
              batch={batchOf(jars.batchId)}
            />{/each}
        </ul>
      </section>
    {/if}
  </div>{/if}

{#if data.plan.neighbour.length > 0}
  <section class="mt-8 print:mt-2" aria-label="For whoever comes by">
    <div class="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
      <h2>For whoever comes by</h2>
      <Button class="no-print" outline onclick={() => window.print()}>Print this sheet</Button>
    </div>
    <div class="pt-3"><NeighbourSheet rounds={data.plan.neighbour} /></div>
  </section>
{/if}

<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
