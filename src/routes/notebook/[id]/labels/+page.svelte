<script lang="ts">
  import { page } from '$app/state';
  import { SvelteSet } from 'svelte/reactivity';
  import { labelPlaces, USUAL_SHEET } from '$lib/core/batch';
  import { asTyped, readSheet } from '$lib/schema/labels';
  import { chalkText, EATER_WORDS, problem } from '$lib/words';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import SheetChoice from '$lib/ui/batch/SheetChoice.svelte';
  import CopyText from '$lib/ui/forms/CopyText.svelte';
  import Label from '$lib/ui/batch/Label.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  /** Jars whose label is on already. */
  const left = new SvelteSet<string>();
  const chosen = $derived(data.labels.filter((l) => !left.has(l.fillingId)));
  const wanted = $derived(chosen.length);
  let said = $state(asTyped(USUAL_SHEET));
  const read = $derived(readSheet(said));
  const places = $derived(read.ok ? labelPlaces(read.value, wanted) : read);
  const amiss = $derived(places.ok ? null : problem(places.refusal));
  const pages = $derived(places.ok ? Math.max(0, ...places.value.map((p) => p.page + 1)) : 0);
  const pdf = $derived(
    `/notebook/${data.id}/labels.pdf?${new URLSearchParams({
      ...said,
      ...(left.size > 0 ? { jars: chosen.map((l) => l.fillingId).join(',') } : {})
    })}`
  );
  const house = useHouse();
  const origin = $derived(house.household.address || page.url.origin);
  const onlyHere = $derived(/^https?:\/\/(localhost|127\.|\[::1\])/.test(origin));
</script>

<svelte:head><title>Lid labels, {data.name} · Crockle</title></svelte:head>

<div class="no-print">
  <p><a class="act" href="/notebook/{data.id}">{data.name}</a></p>
  <h1>Lid labels</h1>
</div>
{#if data.labels.length === 0}
  <p class="mt-3 text-lg">No jar of it stands any more: there is nothing to label.</p>
{:else}
  <div class="no-print mt-2 flex flex-col gap-3">
    <p class="max-w-prose">
      Tap one to leave it out. Printed, each carries a code that opens its jar. Allergens are those that the
      batch’s things, its name and its note name; add by hand what else went in. Tape over the label against
      brine.
    </p>
    <details>
      <summary class="act">
        {said.paper === 'single'
          ? `Each by itself, ${said.widthMm} by ${said.heightMm} mm`
          : `${said.paper}, ${said.columns} by ${said.rows} labels of ${said.widthMm} by ${said.heightMm} mm`}
      </summary>
      <div class="py-2"><SheetChoice bind:said problem={amiss} /></div>
    </details>
    {#if amiss}<p class="heed" role="status"><b>{amiss.says}</b> {amiss.wouldWork}</p>{/if}
    {#if onlyHere}<p class="heed max-w-prose">
        The codes would open {origin}, which only this machine answers to. Say in
        <a class="underline underline-offset-4" href="/kit#settings">Kit</a> where your phones find Crockle.
      </p>{/if}
    <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
      {#if amiss || wanted === 0}
        <span class="min-h-11 content-center font-semibold text-quiet">Nothing to print</span>
      {:else}
        <a
          class="flex min-h-11 items-center rounded-lg bg-primary-700 px-5 font-semibold text-white hover:bg-primary-800"
          href={pdf}
          target="_blank"
          rel="noopener">Print {wanted === 1 ? 'one label' : `${wanted} labels`}</a
        >
        {#if pages > 1}<span class="text-quiet">{pages} pages</span>{/if}
      {/if}
      {#if wanted > 0}<CopyText text={chosen.map(chalkText).join('\n')} label="Copy them for chalk" />{/if}
    </div>
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
