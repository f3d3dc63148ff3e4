<script lang="ts">
  import { goto } from '$app/navigation';
  import { Button } from 'flowbite-svelte';
  import { worksheetText } from '$lib/words';
  import type { Worksheet } from '$lib/core/worksheet';
  import type { Problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import { send } from '../house/send';
  import { useHouse } from '../house/house.svelte';
  import Answer from './Answer.svelte';
  import type { Bench } from './bench.svelte';
  import CopyText from '../forms/CopyText.svelte';

  /** The answer, always in sight, and what is done with it: led through it step by step, or started as it is. */
  interface Props {
    bench: Bench;
    sheet: Worksheet;
    dry: boolean;
    /** The making under way here; null: none. */
    run: string | null;
    onstart: () => void;
  }
  let { bench, sheet, dry, run, onstart }: Props = $props();
  const house = useHouse();
  const text = $derived(worksheetText(sheet, bench.name, house.household.units));
  let beginning = $state(false);
  let problem = $state.raw<Problem | undefined>();
  /** From here on Crockle leads through it, on a screen of its own. */
  const begin = async () => {
    beginning = true;
    const { id, name, style } = bench;
    const sent = (await bench.settle())
      ? await send('begin-making', { bench: id, name, styleId: style.id })
      : undefined;
    problem = sent?.ok === false ? sent.problem : undefined;
    if (sent?.ok) await goto(`/making/${sent.answer.runId}`);
    beginning = false;
  };
</script>

<div
  class="sticky bottom-[3.75rem] z-30 -mx-4 mt-6 border-t-[3px] border-ink bg-paper px-4 py-2 md:bottom-0 md:mx-0 md:px-0 md:py-3 short:bottom-0"
>
  <div class="flex flex-wrap items-center justify-between gap-6 lg:flex-nowrap">
    <div class="hidden min-w-0 lg:block"><Answer {sheet} {dry} /></div>
    <div class="no-print ml-auto flex w-full flex-wrap gap-2 md:w-auto md:shrink-0 md:flex-nowrap md:gap-3">
      <Button class="px-3 sm:px-4" outline disabled={!bench.canUndo} onclick={() => bench.undo()}>Undo</Button
      >
      <div class="hidden gap-3 sm:flex">
        <CopyText {text} />
        <Button class="px-3 sm:px-4" outline onclick={() => print()}>Print</Button>
      </div>
      {#if run}<Button class="px-3 whitespace-nowrap sm:px-4" outline href="/making/{run}"
          >Go on making</Button
        >
      {:else}<Button
          class="px-3 whitespace-nowrap sm:px-4"
          outline
          disabled={beginning}
          onclick={() => void begin()}>Begin making</Button
        >{/if}
      <Button size="lg" class="grow px-3 whitespace-nowrap sm:px-5 md:grow-0" onclick={() => onstart()}
        >Start batch</Button
      >
    </div>
  </div>
  <Trouble {problem} />
</div>
<!-- On a phone the bar is for what the thumb wants: these two stand beneath it. -->
<p class="no-print flex gap-3 pt-3 sm:hidden">
  <CopyText {text} />
  <Button class="px-3" outline onclick={() => print()}>Print</Button>
</p>
