<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { Learned } from '$lib/core/learn';
  import type { Lot, LotOnBench } from '$lib/core/lot';
  import { plusMinus } from '$lib/core/quantity';
  import ActionForm from '../forms/ActionForm.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';
  import { weighIn } from '../weigh/weigh-in.svelte';
  import Why from '../why/Why.svelte';
  import { questionWords } from '$lib/words';
  import type { Bench } from './bench.svelte';
  import AnotherBench from './AnotherBench.svelte';
  import FromGarden from './FromGarden.svelte';
  import SortDialog from './SortDialog.svelte';

  let {
    bench,
    lots,
    pieces,
    waiting,
    alone
  }: {
    bench: Bench;
    lots: readonly LotOnBench[];
    pieces: Readonly<Record<string, Learned>>;
    /** Picks in the Garden. */
    waiting: readonly Lot[];
    /** Nothing is made beside it. */
    alone: boolean;
  } = $props();
  const house = useHouse();
  const prepared = $derived(bench.sheet?.prepared);
  let sorting = $state<LotOnBench | null>(null);
  const aside = (l: LotOnBench) =>
    (['followers', 'greens', 'seed', 'offcuts'] as const)
      .filter((k) => l.aside[k] > 0)
      .map((k) => `${house.mass(l.aside[k])} ${k === 'offcuts' ? 'off-cuts' : k}`)
      .join(', ');
  const itemOf = (id: string) => bench.sheet?.items.find((i) => i.id === id);
</script>

<section aria-label="Going in">
  <h2 class="border-b border-rule-strong pb-1">Going in</h2>
  <ul>
    {#each lots as lot (lot.id)}
      {@const item = itemOf(lot.id)}
      <li class="line grid grid-cols-[1fr_9rem] items-start gap-x-3">
        <div>
          <p class="text-lg leading-tight font-semibold">
            {house.crop(lot.cropId)?.name}{lot.variety ? `, ${lot.variety}` : ''}
          </p>
          <p class="text-sm text-quiet">
            {[lot.bed, relativeDay(wall(lot.day, 12), house.now), `${house.mass(lot.benchG)} picked`]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {#if item && !item.weighed}
            <p class="text-sm">
              about {house.mass(item.prepared.mean)} ± {house.mass(plusMinus(item.prepared))}, by {item.trimFrom >
              0
                ? `your ${item.trimFrom} batch${item.trimFrom > 1 ? 'es' : ''}`
                : 'our trimming table'}
            </p>
          {/if}
          {#if aside(lot)}<p class="text-sm text-quiet">set aside: {aside(lot)}</p>{/if}
          <div class="flex gap-x-4">
            <ActionForm
              command="put-back"
              values={{ lotId: lot.id, bench: bench.id }}
              ondone={() => bench.weights.forget(lot.id)}
            >
              {#snippet children({ busy })}<button
                  class="no-print min-h-8 text-sm underline underline-offset-4"
                  disabled={busy}
                  aria-label="Put {house.crop(lot.cropId)?.name} back">put back</button
                >{/snippet}
            </ActionForm>
            <button
              class="no-print min-h-8 text-sm underline underline-offset-4"
              aria-label="Sort and trim {house.crop(lot.cropId)?.name}"
              onclick={() => (sorting = lot)}>sort, trim</button
            >
          </div>
        </div>
        <WeightField
          label="{house.crop(lot.cropId)?.name}, prepared"
          hideLabel
          value={bench.weights.said(lot)}
          placeholder="prepared"
          countOf={house.crop(lot.cropId)}
          own={pieces[lot.cropId]}
          pad="focus"
          spread
          picked={false}
          oninput={(said) => bench.weighed(lot, said)}
        />
        {#each bench.questions.filter((q) => q.itemId === lot.id) as q (q.code)}
          <p class="heed col-span-2 mt-1 text-sm">{questionWords(q, house.mass)}</p>
        {/each}
      </li>
    {/each}
  </ul>
  <div class="flex items-center justify-between">
    <button class="act no-print" onclick={() => weighIn.show()}>+ weigh in</button>
    {#if prepared}
      <p class="text-right">
        <b>{house.mass(prepared.mean)}</b> prepared{#if bench.estimated}, ± {house.mass(
            plusMinus(prepared)
          )}{/if}
        <Why working={bench.sheet?.working.find((w) => w.id === 'prepared')} />
      </p>
    {/if}
  </div>
  {#if waiting.length > 0}
    <details class="no-print">
      <summary class="act">Take more from the Garden</summary>
      <FromGarden bench={bench.id} {waiting} />
    </details>
  {/if}
  {#if alone}<AnotherBench bench={bench.id} />{/if}
</section>
<SortDialog bind:lot={sorting} ondone={(lot) => bench.weights.forget(lot.id)} />
