<script lang="ts">
  import Grams from '$lib/ui/ledger/Grams.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const picks = $derived(
    [
      ['packed into jars, as picked', data.picks.packedG] as const,
      ...data.picks.ended.map((e) => [e.how, e.g] as const),
      ['kept of the trim', data.picks.asideG] as const,
      ['waiting in the garden', data.picks.waitingG] as const,
      ['on the bench', data.picks.benchG] as const
    ].filter(([, g]) => g > 0.5)
  );
</script>

<svelte:head><title>Every gram of {data.year} · Crockle</title></svelte:head>

<p class="no-print flex flex-wrap justify-between gap-x-6">
  <a class="act" href="/season?year={data.year}">Season</a>
  <a class="act" href="/season/grams.csv?year={data.year}" download>As a table for a spreadsheet (CSV)</a>
</p>
<h1>Every gram of {data.year}</h1>
{#if data.batches.length === 0 && data.picks.weighedG === 0}
  <p class="mt-3 max-w-prose text-lg">Nothing was picked and nothing made yet.</p>
{:else}
  <div class="mt-5 flex flex-col gap-8">
    {#if data.picks.weighedG > 0}<section class="max-w-3xl">
        <h2 class="border-b-2 border-ink pb-1">Picked</h2>
        <dl>
          {#each picks as [name, g] (name)}<div class="line flex justify-between gap-4">
              <dt>{name}</dt>
              <dd>{house.mass(g)}</dd>
            </div>{/each}
          <div class="flex justify-between gap-4 py-1 font-semibold">
            <dt>weighed in, all together</dt>
            <dd>{house.mass(data.picks.weighedG)}</dd>
          </div>
        </dl>
        <p class="text-sm text-quiet">
          What is packed loses its trim first: the jars below have it prepared. Off-cuts that became a pick of
          their own are weighed in twice.
        </p>
      </section>{/if}
    <section>
      <h2 class="border-b-2 border-ink pb-1">In jars</h2>
      <div class="mt-3"><Grams book={data.book} /></div>
    </section>
    <section class="max-w-3xl">
      <h2 class="border-b-2 border-ink pb-1">Batch by batch</h2>
      <ul>
        {#each data.batches as b (b.id)}<li class="line flex justify-between gap-4">
            <a class="underline underline-offset-4" href="/notebook/{b.id}/grams">{b.name}</a>
            <span>{house.mass(b.cameG)}</span>
          </li>{/each}
      </ul>
    </section>
  </div>
{/if}
