<script lang="ts">
  import type { JarSet } from '$lib/core/vessel';
  import type { WorksheetJar } from '$lib/core/worksheet';
  import { useHouse } from '../house.svelte';
  import type { Bench } from './bench.svelte';

  /** The best different sets side by side, and the household's own hand. */
  let { bench, jars }: { bench: Bench; jars: readonly WorksheetJar[] } = $props();
  const house = useHouse();
  const sets = $derived(bench.sheet?.sets ?? []);
  const dry = $derived(bench.style.salting === 'dry');
  const nameOf = (id: string) => jars.find((j) => j.id === id)?.name ?? id;
  const inWords = (set: JarSet) =>
    Object.entries(set.counts)
      .map(([id, n]) => `${n > 1 ? `${n} × ` : ''}${nameOf(id)}`)
      .join(' + ');
  const over = (set: JarSet) =>
    set.key[0] > 0
      ? `${house.volume(set.leftMl)} does not fit`
      : set.spareMl > 20
        ? `${house.volume(set.spareMl)} ${dry ? 'room over' : 'looser'}`
        : 'full to the line';
  const now = $derived(bench.counts ?? bench.sheet?.chosen.counts ?? {});
  const set = (id: string, by: number, free: number) => {
    const n = Math.min(free, Math.max(0, (now[id] ?? 0) + by));
    bench.choose({ counts: { ...now, [id]: n } });
  };
</script>

<section aria-label="Which jars" class="no-print">
  <div class="flex flex-wrap gap-x-6 gap-y-1" role="radiogroup" aria-label="Sets of jars">
    {#each sets as one, i (inWords(one))}
      {@const on = bench.counts === null && (bench.choice === i || (i === 0 && bench.choice >= sets.length))}
      <button
        role="radio"
        aria-checked={on}
        class={[
          'min-h-14 border-b-[3px] py-1 text-left',
          on ? 'border-ink' : 'border-transparent hover:border-rule-strong'
        ]}
        onclick={() => bench.choose({ counts: null, choice: i })}
      >
        <span class="block font-display font-bold">{inWords(one)}</span>
        <span class="text-sm text-quiet">{over(one)}</span>
      </button>
    {/each}
    {#if bench.counts !== null && bench.sheet}
      <span class="min-h-14 border-b-[3px] border-ink py-1"
        ><span class="block font-display font-bold">by hand</span><span class="text-sm text-quiet"
          >{over(bench.sheet.chosen)}</span
        ></span
      >
    {/if}
  </div>
  <details>
    <summary class="min-h-11 content-center text-sm underline underline-offset-4"
      >Choose the jars by hand</summary
    >
    <ul class="grid gap-x-8 sm:grid-cols-2">
      {#each jars as jar (jar.id)}
        <li class="flex items-center justify-between gap-2 border-b border-rule-soft">
          <span>{jar.name} <span class="text-sm text-quiet">{jar.free} free</span></span>
          <span class="flex items-center">
            <button
              class="size-11 text-xl font-bold disabled:opacity-30"
              aria-label="One {jar.name} less"
              disabled={(now[jar.id] ?? 0) === 0}
              onclick={() => set(jar.id, -1, jar.free)}>−</button
            >
            <b class="w-6 text-center">{now[jar.id] ?? 0}</b>
            <button
              class="size-11 text-xl font-bold disabled:opacity-30"
              aria-label="One {jar.name} more"
              disabled={(now[jar.id] ?? 0) >= jar.free}
              onclick={() => set(jar.id, 1, jar.free)}>+</button
            >
          </span>
        </li>
      {/each}
    </ul>
  </details>
</section>
