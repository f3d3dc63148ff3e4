<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { Button } from 'flowbite-svelte';
  import { EATER_WORDS } from '$lib/words';
  import Label from '$lib/ui/batch/Label.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  /** Jars whose label is on already. */
  const left = new SvelteSet<string>();
  const wanted = $derived(data.labels.filter((l) => !left.has(l.fillingId)).length);
</script>

<svelte:head><title>Lid labels, {data.name} · Crockle</title></svelte:head>

<div class="no-print">
  <p><a class="act" href="/notebook/{data.id}">{data.name}</a></p>
  <h1>Lid labels</h1>
</div>
{#if data.labels.length === 0}
  <p class="mt-3 text-lg">No jar of it stands any more: there is nothing to label.</p>
{:else}
  <div class="no-print mt-2 flex flex-wrap items-center gap-x-6 gap-y-2">
    <p class="max-w-prose">
      Each is 7 by 3.8 cm: print, cut along the lines, tape over against brine. Tap one to leave it out.
      Allergens are those that the batch’s things, its name and its note name; add by hand what else went in.
    </p>
    <Button disabled={wanted === 0} onclick={() => window.print()}
      >Print {wanted === 1 ? 'one label' : `${wanted} labels`}</Button
    >
  </div>
  <ul class="sheet">
    {#each data.labels as label (label.fillingId)}
      {@const out = left.has(label.fillingId)}
      <li class={out ? 'out' : ''}>
        <button
          type="button"
          aria-pressed={!out}
          aria-label="Label of jar {label.lidNumber}"
          onclick={() => (out ? left.delete(label.fillingId) : left.add(label.fillingId))}
          ><Label {label} /></button
        >
      </li>
    {/each}
  </ul>
  <p class="mt-4 max-w-prose text-sm">
    For a gift: {data.name} is raw, alive and salty. Keep it in the fridge; looks or smells wrong, throw it out
    untasted. {Object.values(EATER_WORDS)
      .map((e) => e.says)
      .join(' ')}
  </p>
{/if}

<style>
  .sheet {
    display: flex;
    flex-wrap: wrap;
    margin-top: 1.5rem;
  }
  li {
    margin: 0 -1px -1px 0;
    border: 1px dashed var(--rule-strong);
  }
  .out {
    opacity: 0.6;
    text-decoration: line-through;
  }
  @media print {
    .sheet {
      margin: 0;
    }
    li {
      break-inside: avoid;
    }
    .out {
      display: none;
    }
  }
</style>
