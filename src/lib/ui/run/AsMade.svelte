<script lang="ts">
  import type { Filling } from '$lib/core/batch';
  import { OBJECTS, type Run } from '$lib/core/run';
  import { OBJECT_WORDS } from '$lib/words';
  import { useHouse } from '../house/house.svelte';

  /** Of a batch that Crockle led through: how its jars were laid, what lies in them, what was left out. */
  let {
    making,
    fillings
  }: {
    making: Pick<Run, 'id' | 'layers' | 'objects' | 'skipped' | 'over'>;
    fillings: readonly Filling[];
  } = $props();
  const house = useHouse();
  const layers = $derived(
    making.layers.map((l) =>
      l === 'cap' ? 'a cap over all' : l.startsWith('crop:') ? house.cropName(l.slice(5)) : l.slice(5)
    )
  );
  const inJars = $derived(
    Object.entries(making.objects).flatMap(([jar, of]) => {
      const said = OBJECTS.filter((k) => (of[k] ?? 0) > 0).map((k) => `${of[k]} ${OBJECT_WORDS[k]}`);
      const lid = fillings[Number(jar.slice(1)) - 1]?.lidNumber;
      return said.length > 0 && lid !== undefined ? [{ lid, said: said.join(', ') }] : [];
    })
  );
  const skipped = $derived(Object.entries(making.skipped).filter(([, why]) => why !== ''));
</script>

{#if layers.length > 0 || inJars.length > 0 || skipped.length > 0 || !making.over}
  <section>
    <h2 class="border-b-2 border-ink pb-1">As it was made</h2>
    {#if layers.length > 0}<p class="line">From the floor up: {layers.join(', ')}.</p>{/if}
    {#if inJars.length > 0}
      <dl aria-label="To come out again">
        {#each inJars as { lid, said } (lid)}<div class="line flex justify-between gap-4">
            <dt>To come out of jar {lid}</dt>
            <dd class="text-right font-semibold">{said}</dd>
          </div>{/each}
      </dl>
    {/if}
    {#each skipped as [step, why] (step)}<p class="line text-sm">Left out: {step}, {why}.</p>{/each}
    {#if !making.over}<a class="act no-print" href="/making/{making.id}">What comes later</a>{/if}
  </section>
{/if}
