<script lang="ts">
  import { dayAndYear } from '$lib/words';
  import type { BatchInHand } from '$lib/core/batch';
  import type { StockJar } from '$lib/core/larder';
  import Sheet from '../forms/Sheet.svelte';
  import Shelf from '../jar/Shelf.svelte';
  import StandingJar from './StandingJar.svelte';
  import StockPanel from './StockPanel.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Jars that a tested process made shelf-stable, each with what it is known by. */
  type Stands = Omit<StockJar, 'batch'> & { readonly batch: BatchInHand; readonly condemned: boolean };
  let { jars }: { jars: readonly Stands[] } = $props();
  const house = useHouse();
  let shown = $state<string | null>(null);
  const chosen = $derived(jars.find((s) => s.filling.id === shown));
</script>

<section aria-label="Heated jars">
  <h2 class="mt-5">Jars heated by a guide</h2>
  {#if jars.length > 0}
    <div class="pt-4">
      <Shelf {jars} key={(s) => s.filling.id} lines={5}>
        {#snippet jar(s)}
          <StandingJar
            batch={s.batch}
            filling={s.filling}
            scale={0.62}
            text="{s.batch.name}, {s.filling.jarName}, heated"
            onchoose={() => (shown = s.filling.id)}
          />
        {/snippet}
        {#snippet caption(s)}
          <p class="line-clamp-2 max-w-24 text-sm text-quiet">{s.batch.name}</p>
          {#if s.condemned}<p class="font-bold text-harm">throw away</p>
          {:else if s.opened}<p class="font-bold text-heed">open: into the cold</p>
          {:else}<p class={['max-w-28', s.best < house.now && 'font-bold text-heed']}>
              best before {dayAndYear(s.best)}
            </p>{/if}
        {/snippet}
      </Shelf>
    </div>
    {#each new Set(jars.map((s) => s.placeId)) as placeId (placeId)}<a
        class="act no-print"
        href="/cold/count/{placeId}">Count through: {house.placeName(placeId)}</a
      >{/each}
  {:else}
    <p class="max-w-prose py-2 text-quiet">
      None. A jar comes here from <a class="act" href="/cold">Cold</a> once it was heated by a tested guide, and
      all of that is written down.
    </p>
  {/if}
</section>

<Sheet
  open={chosen !== undefined}
  onclose={() => (shown = null)}
  title={chosen ? `Jar ${chosen.filling.lidNumber}` : ''}
>
  {#if chosen}{#key chosen.filling.id}<StockPanel
        jar={chosen}
        souring={[]}
        free={[]}
        others={[]}
      />{/key}{/if}
</Sheet>
