<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { dndzone, type DndEvent } from 'svelte-dnd-action';
  import type { WorksheetJar } from '$lib/core/worksheet';
  import type { Bench } from './bench.svelte';
  import SetPicture from './SetPicture.svelte';

  /** The household's own hand: jars dragged to the bench, or by keys. */
  interface Props {
    bench: Bench;
    jars: readonly WorksheetJar[];
    toWash: Readonly<Record<string, number>>;
    /** Jars of each kind that are chosen. */
    now: Readonly<Record<string, number>>;
    items: ComponentProps<typeof SetPicture>['items'];
    scale: number;
  }
  let { bench, jars, toWash, now, items, scale }: Props = $props();
  const jarOf = (id: string) => jars.find((j) => j.id === id);
  const total = $derived(Object.values(now).reduce((a, n) => a + n, 0));
  const set = (id: string, by: number, free: number) => {
    const n = Math.min(free, Math.max(0, (now[id] ?? 0) + by));
    bench.choose({ counts: { ...now, [id]: n } });
  };

  // Dragging: one jar of each free kind stands on the shelf; what stands on the bench is chosen.
  interface Piece {
    id: string;
    jarId: string;
  }
  const onBenchOf = (counts: Readonly<Record<string, number>>): Piece[] =>
    Object.entries(counts).flatMap(([jarId, n]) =>
      Array.from({ length: n }, (_, i) => ({ id: `${jarId}#${i}`, jarId }))
    );
  const shelfOf = (counts: Readonly<Record<string, number>>): Piece[] =>
    jars
      .filter((j) => j.free > (counts[j.id] ?? 0))
      .map((j) => ({ id: `${j.id}#${counts[j.id] ?? 0}`, jarId: j.id }));
  let held = $state<{ bench: Piece[]; shelf: Piece[] } | null>(null);
  const onBench = $derived(held?.bench ?? onBenchOf(now));
  const shelf = $derived(held?.shelf ?? shelfOf(now));
  const hold = (zone: 'bench' | 'shelf', e: CustomEvent<DndEvent<Piece>>) => {
    held = { bench: onBench, shelf, [zone]: e.detail.items };
  };
  const drop = (zone: 'bench' | 'shelf', e: CustomEvent<DndEvent<Piece>>) => {
    hold(zone, e);
    // The bench says what is chosen; the zone that lets go is told last.
    if (zone !== 'bench' || !held) return;
    const counts: Record<string, number> = Object.fromEntries(Object.keys(now).map((id) => [id, 0]));
    for (const piece of held.bench) counts[piece.jarId] = (counts[piece.jarId] ?? 0) + 1;
    held = null;
    bench.choose({ counts });
  };
</script>

{#snippet shelfOfJars(zone: 'bench' | 'shelf', says: string, pieces: Piece[])}
  {@const onIt = zone === 'bench'}
  <div>
    <p class="text-sm text-quiet">{says}</p>
    <ul
      class="flex min-h-24 flex-wrap items-end gap-1 border-b-[5px] border-[var(--wood)]"
      aria-label={onIt ? 'Jars on the bench' : 'Free jars'}
      use:dndzone={{ items: pieces, type: 'jars', flipDurationMs: 0, dropTargetStyle: {} }}
      onconsider={(e) => hold(zone, e)}
      onfinalize={(e) => drop(zone, e)}
    >
      {#each pieces as piece (piece.id)}
        {@const jar = jarOf(piece.jarId)}
        <li class="cursor-grab" aria-label="{jar?.name}, {onIt ? 'on the bench' : 'free'}">
          {#if jar}<SetPicture
              {jar}
              {scale}
              fill={onIt ? 0.8 : 0}
              items={onIt ? items : []}
              text={jar.name}
            />{/if}
        </li>
      {/each}
    </ul>
  </div>
{/snippet}

<div class="hidden gap-x-6 md:grid md:grid-cols-2">
  {@render shelfOfJars('shelf', 'Free, on the shelf: drag one over', shelf)}
  {@render shelfOfJars('bench', `On the bench: ${total} jar${total === 1 ? '' : 's'}`, onBench)}
</div>
<ul class="grid gap-x-8 sm:grid-cols-2">
  {#each jars as jar (jar.id)}
    <li class="flex items-center justify-between gap-2 border-b border-rule-soft">
      <span
        >{jar.name}
        <span class="text-sm text-quiet"
          >{jar.free} free{toWash[jar.id] ? `, ${toWash[jar.id]} to wash` : ''}</span
        ></span
      >
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
