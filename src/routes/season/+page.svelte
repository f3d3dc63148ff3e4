<script lang="ts">
  import { rollups } from 'd3-array';
  import { wall } from '$lib/core/calendar';
  import { listed, roughly, shortDay } from '$lib/words';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import CropsAhead from '$lib/ui/sowing/CropsAhead.svelte';
  import SeasonStrip from '$lib/ui/strip/SeasonStrip.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const onCounter = $derived(
    data.spans
      .filter((s) => s.coldAt === null && s.endedAt === null)
      .sort((a, b) => (a.window?.from ?? 0) - (b.window?.from ?? 0))
  );
  /** What the beds will still bring, by week. */
  const coming = $derived(
    rollups(
      data.ahead.flatMap((c) => c.weeks),
      (all) => all.reduce((a, w) => a + Math.max(0, w.expectedG - w.pickedG), 0),
      (w) => w.monday
    )
      // In the middle of its week; one that is over brings nothing more.
      .map(([monday, g]) => ({ at: wall(monday, 84), g, over: wall(monday, 7 * 24) }))
      .filter((w) => w.g > 0 && w.over > house.now)
  );
  const inCold = $derived(
    data.spans
      .filter((s) => s.coldAt !== null && s.endedAt === null)
      .sort((a, b) => (a.best ?? 0) - (b.best ?? 0))
  );
</script>

<svelte:head><title>Season · Crockle</title></svelte:head>

<h1>{data.year === data.thisYear ? 'What is ready when' : `What was made in ${data.year}`}</h1>
{#if data.spans.length === 0 && data.picks.length === 0 && !data.before}
  <p class="mt-3 max-w-prose text-lg">
    The season is still blank. Picks and batches draw themselves here as they come.
  </p>
{:else}
  {#if data.before || data.year !== data.thisYear}
    <nav aria-label="Years" class="flex gap-6">
      {#if data.before}<a class="act" href="/season?year={Number(data.year) - 1}">{Number(data.year) - 1}</a
        >{/if}
      <span class="flex min-h-11 items-center font-semibold">{data.year}</span>
      {#if data.year !== data.thisYear}<a class="act" href="/season?year={Number(data.year) + 1}"
          >{Number(data.year) + 1}</a
        >{/if}
    </nav>
  {/if}
  <div class="mt-4">
    <SeasonStrip
      spans={data.spans}
      picks={data.picks}
      ahead={coming}
      planned={data.planned}
      now={house.now}
      year={data.year === data.thisYear ? null : data.span}
    />
  </div>
  <div class="flex flex-wrap gap-x-6">
    <a class="act no-print" href="/season/grams?year={data.year}">Every gram of {data.year}</a>
    {#if data.year === data.thisYear}<a class="act no-print" href="/season/plan">What to make of it</a>{/if}
  </div>
  {#if data.year === data.thisYear}
    <section class="mt-8" aria-label="What the beds will bring">
      <h2 class="border-b-2 border-ink pb-1">What the beds will bring</h2>
      {#if data.ahead.length > 0}<CropsAhead ahead={data.ahead} />
      {:else}<p class="py-2 text-quiet">Nobody has said what grows.</p>{/if}
      <a class="act no-print" href="/garden/beds">Beds and sowings</a>
    </section>
    {#if data.planned.length > 0}
      <section class="mt-8" aria-label="Planned to begin">
        <h2 class="border-b-2 border-ink pb-1">Planned to begin</h2>
        <ul>
          {#each data.planned as s (`${s.at} ${s.styleId}`)}
            <li class="line">
              <span class="text-quiet">in the week of {shortDay(s.at)}</span>
              <b>{s.name}</b>: {listed(
                s.picks.map((p) => `${house.mass(roughly(p.g))} ${house.cropName(p.cropId)}`)
              )}
            </li>
          {/each}
        </ul>
      </section>
    {/if}
    <div class="mt-8 grid gap-x-12 gap-y-6 lg:grid-cols-3">
      <section>
        <h2 class="border-b-2 border-ink pb-1">From the counter</h2>
        <ul>
          {#each onCounter as s (s.id)}
            <li class="line">
              <a class="font-semibold underline underline-offset-4" href="/notebook/{s.id}">{s.name}</a>
              <span class="block text-sm"
                >{#if s.window}{s.window.from <= house.now
                    ? 'ready to taste now'
                    : `first taste ${relativeDay(s.window.from, house.now)}`}, to the cold by {shortDay(
                    s.window.to
                  )}{/if}</span
              >
            </li>
          {:else}<li class="py-2 text-quiet">Nothing stands on the counter.</li>{/each}
        </ul>
      </section>
      <section>
        <h2 class="border-b-2 border-ink pb-1">In the cold</h2>
        <ul>
          {#each inCold as s (s.id)}
            <li class="line">
              <a class="font-semibold underline underline-offset-4" href="/notebook/{s.id}">{s.name}</a>
              <span class="block text-sm">best before {s.best ? relativeDay(s.best, house.now) : ''}</span>
            </li>
          {:else}<li class="py-2 text-quiet">Nothing is in the cold.</li>{/each}
        </ul>
      </section>
      <section>
        <h2 class="border-b-2 border-ink pb-1">Raw, waiting</h2>
        <ul>
          {#each data.waiting as w (w.id)}
            <li class="line flex justify-between">
              <span
                ><b>{house.crop(w.cropId)?.name}</b>
                <span class="block text-sm">use by {relativeDay(w.useBy, house.now)}</span></span
              ><span class="big">{house.mass(w.g)}</span>
            </li>
          {:else}<li class="py-2 text-quiet">Nothing waits in the Garden.</li>{/each}
        </ul>
      </section>
    </div>
  {/if}
{/if}
