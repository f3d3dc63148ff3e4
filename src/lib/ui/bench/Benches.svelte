<script lang="ts">
  import AnotherBench from './AnotherBench.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { MakingShown } from './room';

  /** What is being made side by side, each on a bench of its own; and another beside it. */
  let { bench, makings }: { bench: string; makings: readonly MakingShown[] } = $props();
  const house = useHouse();
  const isNew = $derived(!makings.some((m) => m.id === bench));
</script>

{#if makings.length > 1 || (isNew && makings.length > 0)}
  <nav class="no-print -mt-1 mb-3 flex flex-wrap items-end gap-x-5 gap-y-1" aria-label="Being made">
    {#each makings as m (m.id)}
      <a
        href="/bench?bench={m.id}"
        class={[
          'flex min-h-11 max-w-64 items-center gap-x-2 border-b-[3px]',
          m.id === bench ? 'border-ink font-semibold' : 'border-transparent text-quiet'
        ]}
        aria-current={m.id === bench ? 'page' : undefined}
        ><span class="truncate">{m.name}</span><span class="shrink-0 text-sm">{house.mass(m.g)}</span></a
      >
    {/each}
    {#if isNew}
      <span class="flex min-h-11 items-center border-b-[3px] border-ink font-semibold" aria-current="page"
        >another, still empty</span
      >
    {:else}
      <AnotherBench {bench} />
    {/if}
  </nav>
{/if}
