<script lang="ts">
  import { plain } from '$lib/core/quantity';
  import { saltKind, type DosingWay } from '$lib/core/salt';
  import type { Bench } from './bench.svelte';

  /** How it is made, in one sentence under its style: each part leads to where it is chosen. */
  let { bench }: { bench: Bench } = $props();
  const OF: Record<DosingWay, string> = {
    equilibrium: 'settles at',
    perVegetables: 'of the vegetables',
    perTotal: 'of vegetables and water',
    perWater: 'of the water',
    byTaste: 'salted by taste, about'
  };
  const percent = $derived(`${plain(bench.fraction * 100, 2)}\u00a0%`);
  const parts = $derived([
    {
      to: 'salt-percent',
      text:
        bench.way === 'equilibrium' || bench.way === 'byTaste'
          ? `${OF[bench.way]} ${percent}`
          : `${percent} ${OF[bench.way]}`
    },
    { to: 'salt-kind', text: `with ${(saltKind(bench.saltKindId)?.name ?? 'salt').toLowerCase()}` },
    { to: 'place', text: `standing: ${bench.place?.name ?? 'nowhere yet'}` },
    { to: 'recipe', text: bench.recipe ? `by ${bench.recipe.name}` : 'by no recipe' },
    { to: 'style', text: 'another style' }
  ]);
  /** To where it is chosen, and the hand on it. */
  const lead = (id: string) => {
    const field = document.getElementById(id);
    field?.scrollIntoView({ block: 'center' });
    field?.focus();
  };
</script>

<p class="no-print text-base leading-snug" aria-label="What is made">
  {#each parts as p, i (p.to)}<button
      class="py-1 underline decoration-rule-strong decoration-2 underline-offset-4"
      onclick={() => lead(p.to)}>{p.text}</button
    >{i < parts.length - 1 ? ', ' : '.'}{/each}
</p>
