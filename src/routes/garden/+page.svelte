<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { wall } from '$lib/core/calendar';
  import type { Lot } from '$lib/core/lot';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import Shelf from '$lib/ui/jar/Shelf.svelte';
  import { relativeDay } from '$lib/ui/time';
  import Basket from '$lib/ui/weigh/Basket.svelte';
  import PickDialog from '$lib/ui/weigh/PickDialog.svelte';
  import { weighIn } from '$lib/ui/weigh/weigh-in.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  let chosen = $state<Lot | null>(null);
  const total = $derived(data.picks.reduce((a, p) => a + p.lot.gardenG, 0));
  const keeps = (days: number) =>
    days < 0
      ? 'past its best'
      : days === 0
        ? 'use today'
        : days === 1
          ? 'use by tomorrow'
          : `keeps ${days} days`;
  const where = (l: Lot) =>
    [l.packedG > 0 ? 'packed in jars' : '', ...Object.keys(l.endedG), l.benchG > 0 ? 'on the bench' : '']
      .filter(Boolean)
      .join(', ');
</script>

<svelte:head><title>Garden · Crockle</title></svelte:head>

<div class="flex flex-wrap items-center justify-between gap-4">
  <div>
    <h1>What came in</h1>
    <p class="text-quiet">
      {data.picks.length > 0 ? `${house.mass(total)} waiting, soonest to turn first` : 'Nothing waits here.'}
    </p>
  </div>
  <div class="flex flex-wrap items-center gap-x-5">
    {#if data.picks.length > 0}<a class="act" href="/garden/basket">What to do with it</a>{/if}
    <a class="act" href="/garden/beds">Beds and sowings</a>
    <Button size="lg" onclick={() => weighIn.show()}>Weigh in</Button>
  </div>
</div>

{#if data.picks.length === 0}
  <p class="mt-6 max-w-prose text-lg">
    The Garden is empty: every pick has gone on. Weigh in the next one and see at once how many jars, how much
    brine and how much salt it makes.
  </p>
{:else}
  <div class="mt-6">
    <Shelf jars={data.picks} key={(p) => p.lot.id}>
      {#snippet jar(p)}
        <Basket
          cropId={p.lot.cropId}
          g={p.lot.gardenG}
          text="Basket of {house.crop(p.lot.cropId)?.name}, {house.mass(p.lot.gardenG)}"
        />
      {/snippet}
      {#snippet caption(p)}
        <div class="w-36">
          <p class="font-semibold">
            {house.crop(p.lot.cropId)?.name}{p.lot.variety ? `, ${p.lot.variety}` : ''}
          </p>
          <p class="big">{house.mass(p.lot.gardenG)}</p>
          <p class={p.daysLeft <= 0 ? 'font-semibold text-heed' : ''}>{keeps(p.daysLeft)}</p>
          <p class="text-quiet">
            {p.lot.bed}{p.lot.bed ? ', ' : ''}{relativeDay(wall(p.lot.day, 12), house.now)}
          </p>
          <ActionForm
            command="take-to-bench"
            values={{ lotId: p.lot.id, bench: data.benches[0]?.id, weight: '' }}
            next={{ href: '/bench', text: 'Go to the bench' }}
          >
            {#snippet children({ busy })}<button
                class="act justify-center"
                disabled={busy}
                aria-label="Take {house.crop(p.lot.cropId)?.name} to the bench">to the bench</button
              >{/snippet}
          </ActionForm>
          <button
            class="min-h-11 underline underline-offset-4"
            onclick={() => (chosen = p.lot)}
            aria-label="Other ends for {house.crop(p.lot.cropId)?.name}">other…</button
          >
        </div>
      {/snippet}
    </Shelf>
  </div>
{/if}

{#if data.gone.length > 0}
  <section class="mt-10 max-w-3xl">
    <h2 class="border-b border-rule-strong pb-1">Gone from here lately</h2>
    <ul>
      {#each data.gone as lot (lot.id)}
        <li class="flex flex-wrap justify-between gap-x-6 border-b border-rule-soft py-2">
          <span
            ><a class="underline underline-offset-4" href="/garden/{lot.id}">{house.crop(lot.cropId)?.name}</a
            ><span class="text-quiet"
              >, {[lot.bed, relativeDay(wall(lot.day, 12), house.now)].filter(Boolean).join(', ')}</span
            ></span
          >
          <span class="text-right"
            >{house.mass(lot.weighed.g)} <span class="text-quiet">{where(lot)}</span></span
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}

<PickDialog bind:lot={chosen} benches={data.benches} />
