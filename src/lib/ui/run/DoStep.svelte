<script lang="ts">
  import type { ObjectsIn as Objects, Run, RunStep } from '$lib/core/run';
  import { CROP_NOTES, lastingWords, REST_WORDS, STEP_CAUTIONS, STEP_WORDS, styleWords } from '$lib/words';
  import type { LotOnBench } from '$lib/core/lot';
  import { bareMass, readWeight } from '$lib/core/reading';
  import type { Bench } from '../bench/bench.svelte';
  import JarRow from '../bench/JarRow.svelte';
  import WeighOut from '../bench/WeighOut.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { timers } from '../timer/timers.svelte';
  import Amounts from './Amounts.svelte';
  import Layers from './Layers.svelte';
  import type { Making } from './making.svelte';
  import ObjectsIn from './ObjectsIn.svelte';

  /** One step of the style: what to do, its amounts, and where they are weighed. */
  interface Props {
    run: Run;
    making: Making;
    step: RunStep;
    /** What the hands do after it, for the timer of its rest. */
    after: string;
    bench: Bench;
    lots: readonly LotOnBench[];
    byJar: readonly string[];
    objects: Objects;
  }
  let { run, making, step, after, bench, lots, byJar, objects }: Props = $props();
  const house = useHouse();
  const sheet = $derived(bench.sheet);
  const mine = $derived(bench.toWeigh.filter((t) => step.amounts.some((a) => 'id' in a && a.id === t.id)));
  let otherwise = $state(false);
  const notes = $derived(
    ['wash', 'trim', 'cut', 'shred'].includes(step.id)
      ? [...new Set(bench.cropIds)].flatMap((id) => {
          const note = bench.style.notes[id];
          return note ? [CROP_NOTES[note]] : [];
        })
      : []
  );
  /** Bowls whose empty weight is known: one tap takes it off. */
  const tares = $derived(house.household.tares);
  const weighedG = (lot: LotOnBench): number | null => {
    const read = readWeight(bench.weights.said(lot), 'weight', house.ways, bareMass(house.ways));
    return read.ok ? read.value.g : null;
  };
</script>

<p class="text-[1.75rem] leading-snug font-semibold">{step.does ? STEP_WORDS[step.does] : ''}</p>
{#if step.id === 'cut' && bench.style.ownCut}<p class="text-xl">
    Into {bench.style.ownCut.name.toLowerCase()}.
  </p>{/if}
{#each notes as note (note)}<p class="heed text-lg">{note}</p>{/each}
{#if step.caution}<p class="heed text-lg">{STEP_CAUTIONS[step.caution]}</p>{/if}
{#if step.amounts.length > 0}<Amounts amounts={step.amounts} />{/if}
{#if step.rest}
  <p class="text-[1.5rem] leading-snug">
    Then rest it {lastingWords(step.rest.fromMinutes)} to {lastingWords(step.rest.toMinutes)}, until {REST_WORDS[
      step.rest.until
    ]}{step.rest.turnEveryMinutes ? `; turn it every ${step.rest.turnEveryMinutes} minutes` : ''}.
    <button
      class="act min-h-14 text-xl"
      onclick={() => step.rest && timers.setRest(run.name, step.rest, after)}>Time the rest</button
    >
  </p>
{/if}
{#if step.id === 'weigh'}
  <ul class="flex max-w-xl flex-col gap-2">
    {#each lots as lot (lot.id)}
      <li class="text-xl">
        <WeightField
          label="{house.crop(lot.cropId)?.name}{lot.variety ? `, ${lot.variety}` : ''}, weighed"
          value={bench.weights.said(lot)}
          placeholder="as it lies there"
          countOf={house.crop(lot.cropId)}
          pad="focus"
          spread
          picked={false}
          oninput={(said) => bench.weighed(lot, said)}
        />
        {#if tares.length > 0 && weighedG(lot) !== null}
          <p class="flex flex-wrap gap-x-5">
            {#each tares as t (t.id)}<button
                class="act min-h-14"
                disabled={(weighedG(lot) ?? 0) <= t.g}
                onclick={() => bench.weighed(lot, `${Math.round((weighedG(lot) ?? 0) - t.g)} g`)}
                >less {t.name}, {house.mass(t.g)}</button
              >{/each}
          </p>
        {/if}
      </li>
    {/each}
  </ul>
{:else if step.id === 'pack' && sheet}
  <div class="grid items-start gap-x-10 gap-y-5 lg:grid-cols-2">
    <JarRow {sheet} />
    <div>
      <p class="pb-3 text-lg">{styleWords(bench.style).layers}</p>
      <Layers {run} {making} {sheet} style={bench.style} {byJar} />
    </div>
  </div>
{:else if step.id === 'pour' && sheet}
  <JarRow {sheet} />
{:else if step.id === 'cover' && sheet}
  <ObjectsIn {making} {sheet} usual={objects} />
{/if}
{#if mine.length > 0}
  {#if otherwise || mine.some((t) => t.weighedG !== null)}
    <WeighOut {bench} targets={mine} open />
  {:else}
    <p>
      <button class="act min-h-14 text-xl" onclick={() => (otherwise = true)}
        >Weigh it here, or I did it differently</button
      >
    </p>
  {/if}
{/if}
