<script lang="ts">
  import { dndzone, type DndEvent } from 'svelte-dnd-action';
  import { writeSalt } from '$lib/core/quantity';
  import { jarGeometry, profile } from '$lib/core/vessel';
  import type { Alternative, WorksheetJar } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';
  import SetPicture from './SetPicture.svelte';

  /** The best different sets side by side, and the household's own hand: dragged, or by keys. */
  interface Props {
    bench: Bench;
    jars: readonly WorksheetJar[];
    /** null: still being reckoned. */
    sets: readonly Alternative[] | null;
    /** Emptied and not washed yet, by kind; clean ones are taken first. */
    toWash: Readonly<Record<string, number>>;
  }
  let { bench, jars, sets, toWash }: Props = $props();
  const house = useHouse();
  const dry = $derived(bench.salting !== 'brine');
  const jarOf = (id: string) => jars.find((j) => j.id === id);
  const inWords = (counts: Readonly<Record<string, number>>) =>
    Object.entries(counts)
      .map(([id, n]) => `${n > 1 ? `${n} × ` : ''}${jarOf(id)?.name ?? id}`)
      .join(' + ');
  const over = (set: Pick<Alternative, 'leftMl' | 'leftG' | 'spareMl'>) =>
    set.leftG > 0.5
      ? `${house.mass(set.leftG)} does not fit`
      : set.spareMl > 20
        ? `${house.volume(set.spareMl)} ${dry ? 'room over' : 'spare room'}`
        : 'full to the line';
  /** Said only where it is worth a thought: a practised hand presses out the rest. */
  const sure = (set: Alternative) =>
    set.leftG > 0.5 || set.bands.fits > 0.8
      ? ''
      : `; tight, all of it goes in about ${Math.round(set.bands.fits * 10)} times in ten`;
  const items = $derived(
    (bench.sheet?.items ?? []).map((i) => ({
      cropId: i.cropId,
      cut: i.cut,
      share: i.prepared.mean / (bench.sheet?.prepared.mean ?? 1)
    }))
  );
  const now = $derived(bench.counts ?? bench.sheet?.chosen.counts ?? {});
  const total = $derived(Object.values(now).reduce((a, n) => a + n, 0));
  /** Of those that are chosen, the ones that must be washed first. */
  const washFirst = $derived(
    jars.flatMap((j) => {
      const n = (now[j.id] ?? 0) - Math.max(0, j.free - (toWash[j.id] ?? 0));
      return n > 0 && toWash[j.id] ? [`${Math.min(n, toWash[j.id] ?? 0)} × ${j.name}`] : [];
    })
  );
  const set = (id: string, by: number, free: number) => {
    const n = Math.min(free, Math.max(0, (now[id] ?? 0) + by));
    bench.choose({ counts: { ...now, [id]: n } });
  };

  const tallest = $derived(
    Math.max(
      120,
      ...jars.map((j) => {
        const shape = jarGeometry(j.geometryId);
        return shape ? profile(shape).heightMm : 0;
      })
    )
  );
  const scale = $derived(64 / (tallest + 34));
  /** A set drawn jar by jar; many of a kind once, with their number. */
  const drawn = (counts: Readonly<Record<string, number>>) =>
    Object.entries(counts).flatMap(([id, n]) => {
      const jar = jarOf(id);
      if (!jar) return [];
      return n > 4 ? [{ jar, n, i: 0 }] : Array.from({ length: n }, (_, i) => ({ jar, n: 1, i }));
    });

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
  let byHand = $state(false);
</script>

<section aria-label="Which jars" class="no-print">
  <!-- Room is kept for three sets, so that nothing jumps when they come. -->
  <div
    class={['grid gap-x-5 gap-y-1 md:grid-cols-3', sets === null && 'min-h-60 content-start md:min-h-40']}
    role="radiogroup"
    aria-label="Sets of jars"
    aria-busy={sets === null}
  >
    {#if sets === null}<p class="text-sm text-quiet">Trying the jars …</p>{/if}
    {#each sets ?? [] as one, i (i)}
      {@const on =
        bench.counts === null && (bench.choice === i || (i === 0 && bench.choice >= (sets?.length ?? 0)))}
      <button
        role="radio"
        aria-checked={on}
        class={[
          'flex min-h-14 gap-x-3 border-b-[3px] py-1 text-left leading-tight md:flex-col md:justify-start',
          on ? 'border-ink' : 'border-transparent hover:border-rule-strong'
        ]}
        onclick={() => bench.choose({ counts: null, choice: i })}
      >
        <span class="flex h-16 w-24 shrink-0 items-end gap-0.5 md:w-auto" aria-hidden="true">
          {#each drawn(one.counts) as d (d.jar.id + d.i)}
            <SetPicture jar={d.jar} {scale} fill={0.8} {items} text="" />{#if d.n > 1}<b class="pb-1 text-sm"
                >× {d.n}</b
              >{/if}
          {/each}
        </span>
        <span class="block pt-1">
          <span class="block font-display font-bold">{inWords(one.counts)}</span>
          <span class="block text-sm text-quiet"
            >{over(one)}{sure(one)}; {one.brineMl > 0
              ? `${house.volume(one.brineMl)} brine, `
              : ''}{writeSalt(one.saltG)} salt</span
          >
        </span>
      </button>
    {/each}
    {#if bench.counts !== null && bench.sheet}
      <span class="min-h-14 border-b-[3px] border-ink py-1"
        ><span class="block font-display font-bold">by hand</span><span class="text-sm text-quiet"
          >{over({
            leftMl: bench.sheet.chosen.leftMl,
            leftG: bench.sheet.leftG,
            spareMl: bench.sheet.chosen.spareMl
          })}</span
        ></span
      >
    {/if}
  </div>
  {#if washFirst.length > 0}<p class="text-sm">To wash first: {washFirst.join(', ')}.</p>{/if}
  <details bind:open={byHand}>
    <summary class="min-h-11 content-center text-sm underline underline-offset-4"
      >Choose the jars by hand</summary
    >
    {#if byHand}
      <div class="hidden gap-x-6 md:grid md:grid-cols-2">
        <div>
          <p class="text-sm text-quiet">Free, on the shelf: drag one over</p>
          <ul
            class="flex min-h-24 flex-wrap items-end gap-1 border-b-[5px] border-[var(--wood)]"
            aria-label="Free jars"
            use:dndzone={{ items: shelf, type: 'jars', flipDurationMs: 0, dropTargetStyle: {} }}
            onconsider={(e) => hold('shelf', e)}
            onfinalize={(e) => drop('shelf', e)}
          >
            {#each shelf as piece (piece.id)}
              {@const jar = jarOf(piece.jarId)}
              <li class="cursor-grab" aria-label="{jar?.name}, free">
                {#if jar}<SetPicture {jar} {scale} text={jar.name} />{/if}
              </li>
            {/each}
          </ul>
        </div>
        <div>
          <p class="text-sm text-quiet">On the bench: {total} jar{total === 1 ? '' : 's'}</p>
          <ul
            class="flex min-h-24 flex-wrap items-end gap-1 border-b-[5px] border-[var(--wood)]"
            aria-label="Jars on the bench"
            use:dndzone={{ items: onBench, type: 'jars', flipDurationMs: 0, dropTargetStyle: {} }}
            onconsider={(e) => hold('bench', e)}
            onfinalize={(e) => drop('bench', e)}
          >
            {#each onBench as piece (piece.id)}
              {@const jar = jarOf(piece.jarId)}
              <li class="cursor-grab" aria-label="{jar?.name}, on the bench">
                {#if jar}<SetPicture {jar} {scale} fill={0.8} {items} text={jar.name} />{/if}
              </li>
            {/each}
          </ul>
        </div>
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
    {/if}
  </details>
</section>
