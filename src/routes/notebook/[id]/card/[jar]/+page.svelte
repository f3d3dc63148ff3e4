<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { giftLines } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const quiet = 4;
  const code = $derived.by(() => {
    if (!data.code) return null;
    const { size, dark } = data.code;
    const square = (i: number) => `M${(i % size) + quiet},${Math.floor(i / size) + quiet}h1v1h-1z`;
    return { side: size + 2 * quiet, path: dark.flatMap((d, i) => (d ? square(i) : [])).join('') };
  });
</script>

<svelte:head><title>A card for {data.label.name} · Crockle</title></svelte:head>

<p class="no-print flex flex-wrap items-center justify-between gap-x-6">
  <a class="act" href="/notebook/{data.batchId}">{data.label.name}</a>
  <Button outline onclick={() => window.print()}>Print the card</Button>
</p>
<h1 class="no-print">A card to go with jar {data.label.lidNumber}</h1>
<article class="card mt-5">
  <div>
    <h2>{data.label.name}</h2>
    {#each giftLines(data) as { text, strong } (text)}<p class={strong ? 'font-bold' : ''}>{text}</p>{/each}
  </div>
  {#if code}<svg
      viewBox="0 0 {code.side} {code.side}"
      role="img"
      aria-label="The same as a code that a telephone reads"
    >
      <rect width={code.side} height={code.side} fill="white" />
      <path d={code.path} fill="black" />
    </svg>{/if}
</article>
<p class="no-print mt-3 max-w-prose text-sm text-quiet">
  {code
    ? 'The code holds the same words; nothing of it leaves this house by itself.'
    : 'It says more than a code holds: the words stand for themselves.'} Selling needs what your local food rules
  ask.
</p>

<style>
  .card {
    display: grid;
    grid-template-columns: 1fr 34mm;
    gap: 5mm;
    align-items: start;
    width: 148mm;
    max-width: 100%;
    padding: 6mm;
    font-size: 11pt;
    line-height: 1.35;
    color: black;
    background: white;
    border: 1px solid var(--rule-strong);
  }
  .card h2 {
    margin-bottom: 2mm;
    font-family: var(--font-display);
    font-size: 17pt;
    font-weight: 800;
    color: black;
  }
  .card p {
    margin-bottom: 1.5mm;
  }
  @media (max-width: 30rem) {
    .card {
      grid-template-columns: 1fr;
    }
    .card svg {
      width: 40mm;
    }
  }
</style>
