<script lang="ts">
  import { writePercent } from '$lib/core/quantity';
  import { bareMass, readWeight } from '$lib/core/reading';
  import { ownJars, withoutSide, type OwnJar } from '$lib/core/worksheet';
  import { problem } from '$lib/words';
  import type { Bench } from '../bench/bench.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import BigChoice from './BigChoice.svelte';

  /** What is over when the jars are packed: weighed, and the jars that would take it, each with its own figures. */
  let { bench }: { bench: Bench } = $props();
  const house = useHouse();
  let typed = $state<string | null>(null);
  const said = $derived(typed ?? bench.said.side?.weight ?? '');
  const leftG = $derived.by(() => {
    const read = readWeight(said, 'side', house.ways, bareMass(house.ways));
    return read.ok ? read.value.g : null;
  });
  const offered = $derived(
    leftG !== null && bench.sheet ? ownJars({ ...bench.input, sets: 1 }, bench.sheet, leftG) : null
  );
  const jars = $derived(offered?.ok ? offered.value : []);
  const taken = $derived(bench.said.side?.weight === said ? bench.said.side.jarId : null);
  const figures = ({ card, settles, mixMoreMl }: OwnJar): string => {
    const poured = card.brineMl > 0 ? `${house.volume(card.brineMl)} of brine over it` : '';
    const more = mixMoreMl > 0 ? `mix ${house.volume(mixMoreMl)} more` : '';
    return [`${house.mass(card.vegG)} in it`, poured, more, `settles at ${writePercent(settles)}`]
      .filter((s) => s !== '')
      .join(', ');
  };
  /** Taken; tapped again it is free again. */
  const take = (jarId: string) => {
    const main = withoutSide(bench.sheet?.chosen.counts ?? {}, bench.input.side);
    if (taken === jarId) return bench.choose({ counts: main, side: undefined });
    bench.choose({
      counts: { ...main, [jarId]: (main[jarId] ?? 0) + 1 },
      side: { jarId, weight: said }
    });
  };
</script>

<div class="flex w-full flex-col gap-3 py-2 text-xl">
  <div class="max-w-sm">
    <WeightField
      label="What is over weighs"
      value={said}
      oninput={(s) => (typed = s)}
      pad="focus"
      placeholder="300 g"
      problem={offered?.ok === false ? problem(offered.refusal) : undefined}
    />
  </div>
  {#if offered?.ok && jars.length === 0}
    <p class="heed text-lg">
      No free jar takes that and is filled well enough. Give it to the kitchen, or free a jar in Kit.
    </p>
  {/if}
  <ul class="flex flex-col gap-3" aria-label="Jars for what is over">
    {#each jars as jar (jar.jarId)}
      <li>
        <BigChoice
          on={taken === jar.jarId}
          says="A {jar.card.name} of its own"
          leads={figures(jar)}
          onchoose={() => take(jar.jarId)}
        />
      </li>
    {/each}
  </ul>
</div>
