<script lang="ts">
  import Answer from '../bench/Answer.svelte';
  import NotLikeThis from '../bench/NotLikeThis.svelte';
  import JarRow from '../bench/JarRow.svelte';
  import { useHouse } from '../house/house.svelte';
  import SaltLadder from '../ladder/SaltLadder.svelte';
  import Cautions from '../why/Cautions.svelte';
  import type { First } from './first.svelte';

  /** What it makes: jars, brine and salt, in jars as most kitchens have them until its own are counted. */
  let { first }: { first: First } = $props();
  const house = useHouse();
  const { bench } = $derived(first);
  const sheet = $derived(bench.sheet);
</script>

<section aria-label="What it makes">
  {#if sheet}
    <h2 class="border-t-[3px] border-ink pt-2 text-2xl text-ink">{bench.style.name}</h2>
    <p class="mb-3">
      {house.mass(sheet.prepared.mean)} once trimmed, {first.usual
        ? 'in jars as most kitchens have them'
        : 'in your jars'}.
    </p>
    <Answer {sheet} dry={bench.salting !== 'brine'} />
    <div class="mt-3"><SaltLadder ends={sheet.ends} lying /></div>
    <div class="mt-4"><JarRow {sheet} /></div>
    {#if sheet.leftG > 0.5}<p class="heed">
        <b>{house.mass(sheet.leftG)} does not fit</b> in {first.usual
          ? 'six of each kind'
          : 'the jars counted'}.
      </p>{/if}
    <Cautions cautions={sheet.cautions} />
  {:else if bench.refused}
    <NotLikeThis problem={bench.refused} />
  {/if}
</section>
