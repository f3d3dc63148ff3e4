<script lang="ts">
  import Sheet from '../forms/Sheet.svelte';
  import type { Working } from '$lib/core/worksheet';
  import { valueWords, workingWords } from '$lib/words';
  import { plain, writePercent, writeSalt } from '$lib/core/quantity';
  import { useHouse } from '../house/house.svelte';

  /** "why?" on a number: formula in words, the values put in, the source, the error. */
  let { working, text = 'why?' }: { working: Working | undefined; text?: string } = $props();
  const house = useHouse();
  let open = $state(false);
  const words = $derived(working && workingWords(working));

  function write(v: Working['result']): string {
    switch (v.unit) {
      case 'mass':
        return house.mass(v.value);
      case 'salt':
        return writeSalt(v.value);
      case 'volume':
        return house.volume(v.value);
      case 'percent':
      case 'strength':
        return writePercent(v.value, 2);
      case 'mm':
        return `${plain(v.value, 0)} mm`;
      case 'days':
        return `${plain(v.value, 0)} days`;
      default:
        return plain(v.value, 2);
    }
  }
</script>

{#if working && words}
  <button
    type="button"
    class="no-print -my-3 min-h-11 px-1 text-sm font-normal text-quiet underline underline-offset-4"
    onclick={() => (open = true)}
    aria-label="Why? {words.name}"
  >
    {text}
  </button>
  <Sheet bind:open title={words.name} size="sm">
    <p class="answer text-4xl">
      {write(working.result)}
      {#if working.plusMinus !== null}<span class="text-xl font-semibold"
          >± {write({ ...working.result, value: working.plusMinus })}</span
        >{/if}
    </p>
    {#if working.plusMinus !== null}<p class="text-sm text-quiet">
        Nine times in ten it lies within the ±.
      </p>{/if}
    <p>{words.formula}</p>
    <dl>
      {#each working.values as v (valueWords(v))}
        <div class="line flex justify-between gap-4">
          <dt>{valueWords(v)}</dt>
          <dd class="shrink-0 font-semibold">{write(v)}</dd>
        </div>
      {/each}
    </dl>
    <p class="text-sm text-quiet">Source: {words.source}</p>
  </Sheet>
{/if}
