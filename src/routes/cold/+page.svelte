<script lang="ts">
  import { stockG } from '$lib/core/batch';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import Later from '$lib/ui/house/Later.svelte';
  import Meal from '$lib/ui/batch/Meal.svelte';
  import Gone from '$lib/ui/batch/Gone.svelte';
  import StockPanel from '$lib/ui/batch/StockPanel.svelte';
  import Carry from '$lib/ui/batch/Carry.svelte';
  import StandingJar from '$lib/ui/batch/StandingJar.svelte';
  import TaskRow from '$lib/ui/batch/TaskRow.svelte';
  import UseUp from '$lib/ui/cold/UseUp.svelte';
  import HowLong from '$lib/ui/cold/HowLong.svelte';
  import More from '$lib/ui/house/More.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import BesidePanel from '$lib/ui/shell/BesidePanel.svelte';
  import Shelf from '$lib/ui/jar/Shelf.svelte';
  import { OnPanel } from '$lib/ui/house/chosen.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const jars = $derived(data.places.flatMap((p) => p.jars.shown));
  const panel = new OnPanel(
    'jar',
    (id) => jars.find((s) => s.filling.id === id),
    () => jars[0]?.filling.id
  );
  const chosen = $derived(panel.now);
  const choose = (id: string) =>
    goto(`/cold?${page.url.searchParams.has('all') ? 'all&' : ''}jar=${id}`, {
      noScroll: true,
      keepFocus: true
    });
</script>

<svelte:head><title>Cold · Crockle</title></svelte:head>

{#if data.jars === 0}
  <h1>Nothing in the cold</h1>
  <p class="mt-3 max-w-prose text-lg">
    Jars come here from the <a class="act" href="/counter">Counter</a> when they are sour enough, or
    <a class="act" href="/kit#standing">enter jars you already have</a>.
  </p>
{:else}
  <div class="grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_25rem]">
    <BesidePanel label="The chosen jar" what="jar" room="/cold">
      {#if chosen}{#key chosen.filling.id}<StockPanel
            jar={chosen}
            souring={data.souring}
            free={data.free}
            others={jars.filter((s) => !s.condemned)}
          />{/key}
      {:else}<Gone
          batch={panel.gone?.batch}
          lid={panel.gone?.filling.lidNumber ?? null}
          room="in the cold"
        />{/if}
    </BesidePanel>
    <div class="flex min-w-0 flex-col gap-7 lg:col-start-1 lg:row-start-1">
      {#each data.places as { placeId, jars, shelfMl, fits } (placeId)}
        {@const place = house.household.places.find((p) => p.id === placeId)}
        {#if place}
          <section>
            <div class="flex flex-wrap justify-between gap-x-4 border-b border-rule-soft pb-1">
              <h2>{place.name}</h2>
              <p class="text-quiet">
                {house.temp(place.tempC)}, {house.volume(shelfMl)}{place.shelfLitres
                  ? ` of ${house.volume(place.shelfLitres * 1000)}`
                  : ''} of shelf
              </p>
            </div>
            <div class="pt-4">
              <Shelf jars={jars.shown} key={(s) => s.filling.id} lines={5}>
                {#snippet jar(s)}
                  <StandingJar
                    batch={s.batch}
                    filling={s.filling}
                    scale={0.62}
                    chosen={chosen?.filling.id === s.filling.id}
                    text="{s.batch.name}, {s.filling.jarName}, {s.quarters} of 4 quarters left"
                    onchoose={() => choose(s.filling.id)}
                    carries
                  />
                {/snippet}
                {#snippet caption(s)}
                  <p class="line-clamp-2 max-w-24 text-sm text-quiet">{s.batch.name}</p>
                  {#if s.condemned}<p class="font-bold text-harm">throw away</p>{/if}
                  <p class={['max-w-24', s.best < house.now && 'font-bold text-heed']}>
                    {s.best < house.now ? 'past best, ' : 'best before '}{relativeDay(s.best, house.now)}
                  </p>
                  {#if s.opened}<p class="font-bold">open, {s.quarters}/4</p>{/if}
                {/snippet}
              </Shelf>
            </div>
            <More more={jars.more} what="on this shelf" />
            {#if fits.some((x) => x.n > 0)}<p class="text-sm text-quiet" data-fits>
                Still room, of one kind, for {fits
                  .filter((x) => x.n > 0)
                  .map((x) => `${x.n} × ${x.name}`)
                  .join(', or ')}.
              </p>{:else if place.shelfLitres !== null && data.free.length > 0}<p class="heed text-sm">
                No free jar fits here any more.
              </p>{/if}
            <p class="no-print text-sm text-quiet">
              <a class="act" href="/cold/count/{placeId}">Count through</a>
              {place.counted ? `last ${relativeDay(place.counted.at, house.now)}` : 'not counted yet'}
            </p>
          </section>
        {/if}
      {/each}
      <section>
        <h2 class="border-b border-rule-strong pb-1">Eat first</h2>
        <ol>
          {#each data.eatFirst as s (s.filling.id)}
            <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft">
              <button
                class="min-h-11 text-left underline underline-offset-4"
                onclick={() => choose(s.filling.id)}>{s.filling.lidNumber}, {s.batch.name}</button
              >
              <span>{house.mass(stockG(s.filling))}{s.opened ? ', open' : ''}</span>
              <span class="text-quiet">best before {relativeDay(s.best, house.now)}</span>
            </li>
          {/each}
        </ol>
        <Meal jars={jars.filter((s) => !s.condemned)} />
        <p class="pt-2 text-quiet">{data.jars} jars, {house.mass(data.leftG)} in all.</p>
      </section>
      <UseUp dishes={data.dishes} tooLittle={data.tooLittle} kinds={data.kinds.map((k) => k.style)} />
      <HowLong kinds={data.kinds} />
      {#if data.tasks.shown.length > 0}
        <section>
          <h2 class="border-b-2 border-ink pb-1">Wants doing</h2>
          <ul class="@container">
            {#each data.tasks.shown as task (task.key)}<TaskRow
                {task}
                batch={data.batches.find((b) => b.id === task.batchId)}
                showPlace
              />{/each}
          </ul>
          <More more={data.tasks.more} what="to do" />
        </section>
      {/if}
    </div>
  </div>
{/if}

<Carry />
<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
