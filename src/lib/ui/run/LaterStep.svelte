<script lang="ts">
  import { dueAt, type Run, type RunStep } from '$lib/core/run';
  import { RUN_WORDS, STEP_CAUTIONS, STEP_WORDS } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';
  import Amounts from './Amounts.svelte';

  /** After the lids: what is written on them, and on its day the second stage. */
  let { run, step }: { run: Run; step: RunStep } = $props();
  const house = useHouse();
  const due = $derived(dueAt(run, step));
</script>

{#if step.kind === 'label'}
  <p class="text-[1.75rem] leading-snug font-semibold">{RUN_WORDS.label}</p>
  <ul class="flex flex-wrap gap-4" aria-label="Lids">
    {#each run.became?.lidNumbers ?? [] as n (n)}<li
        class="flex size-32 items-center justify-center rounded-full border-[3px] border-ink bg-raised font-display text-6xl font-extrabold"
      >
        {n}
      </li>{/each}
  </ul>
  <p class="text-xl">{run.name}, {relativeDay(run.became?.at ?? house.now, house.now)}.</p>
  <p class="flex flex-wrap gap-x-6">
    <a class="act min-h-14 content-center text-xl" href="/notebook/{run.became?.batchId}/labels"
      >Print labels</a
    >
    <a class="act min-h-14 content-center text-xl" href="/counter?batch={run.became?.batchId}"
      >See it on the Counter</a
    >
  </p>
{:else if step.does}
  <p class="text-[1.75rem] leading-snug font-semibold">{STEP_WORDS[step.does]}</p>
  {#if due !== null && due > house.now}<p class="text-xl">
      Not yet: {relativeDay(due, house.now)}. Today says so on its day.
    </p>{/if}
  {#if step.amounts.length > 0}
    <p class="text-xl">For all of it, as far as it did not go in on the day itself:</p>
    <Amounts amounts={step.amounts} />
  {/if}
  {#if step.caution}<p class="heed text-lg">{STEP_CAUTIONS[step.caution]}</p>{/if}
  <p class="text-xl">
    Does the liquid still stand 1–2 cm over everything? If not, <i>put it right</i> on the Counter: it says whether
    plain water or brine, and how much.
  </p>
  <p class="flex flex-wrap gap-x-6">
    <a class="act min-h-14 content-center text-xl" href="/counter?batch={run.became?.batchId}"
      >See it on the Counter</a
    >
    <a class="act min-h-14 content-center text-xl" href="/notebook/{run.became?.batchId}">Its record</a>
  </p>
{/if}
