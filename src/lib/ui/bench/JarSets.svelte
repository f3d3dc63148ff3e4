<script lang="ts">
  import { writeSalt } from '$lib/core/quantity';
  import { jarGeometry, profile } from '$lib/core/vessel';
  import type { Alternative, WorksheetJar } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import Later from '../house/Later.svelte';
  import Seen from '../house/Seen.svelte';
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
    /** Varieties by pick: a golden beet is golden. */
    hints?: Readonly<Record<string, string>>;
  }
  let { bench, jars, sets, toWash, hints = {} }: Props = $props();
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
      hint: hints[i.id],
      share: i.prepared.mean / (bench.sheet?.prepared.mean ?? 1)
    }))
  );
  const now = $derived(bench.counts ?? bench.sheet?.chosen.counts ?? {});
  /** Of those that are chosen, the ones that must be washed first. */
  const washFirst = $derived(
    jars.flatMap((j) => {
      const n = (now[j.id] ?? 0) - Math.max(0, j.free - (toWash[j.id] ?? 0));
      return n > 0 && toWash[j.id] ? [`${Math.min(n, toWash[j.id] ?? 0)} × ${j.name}`] : [];
    })
  );
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
        <Seen class="flex h-16 w-24 shrink-0 items-end gap-0.5 md:w-auto">
          {#each drawn(one.counts) as d (d.jar.id + d.i)}
            <SetPicture jar={d.jar} {scale} fill={0.8} {items} text="" />{#if d.n > 1}<b class="pb-1 text-sm"
                >× {d.n}</b
              >{/if}
          {/each}
        </Seen>
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
    <!-- With no jar yet it stands here too: what is below must not move under the finger that adds one. -->
    {#if bench.counts !== null}
      <span class="min-h-14 border-b-[3px] border-ink py-1"
        ><span class="block font-display font-bold">by hand</span><span class="text-sm text-quiet"
          >{bench.sheet
            ? over({
                leftMl: bench.sheet.chosen.leftMl,
                leftG: bench.sheet.leftG,
                spareMl: bench.sheet.chosen.spareMl
              })
            : 'nothing fits in these'}</span
        ></span
      >
    {/if}
  </div>
  <details bind:open={byHand}>
    <summary class="min-h-11 content-center text-sm underline underline-offset-4"
      >Choose the jars by hand</summary
    >
    {#if byHand}
      <Later load={() => import('./JarsByHand.svelte')} props={{ bench, jars, toWash, now, items, scale }} />
    {/if}
  </details>
  {#if washFirst.length > 0}<p class="text-sm">To wash first: {washFirst.join(', ')}.</p>{/if}
</section>
