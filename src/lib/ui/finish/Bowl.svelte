<script lang="ts">
  import { acidG, leftG, type Batch, type Finishing } from '$lib/core/batch';
  import { useHouse } from '../house/house.svelte';

  /** The bowl as it adds up: what came, what went, what is sauce. */
  let {
    batch,
    finishing: f,
    reckonedG
  }: { batch: Batch; finishing: Finishing; reckonedG: number } = $props();
  const house = useHouse();
  const lines = $derived(
    [
      ...batch.fillings
        .filter((j) => f.fillingIds.includes(j.id))
        .map((j) => ({ what: `jar ${j.lidNumber}`, g: leftG(j) })),
      { what: 'brine that stays out', g: -((f.brineG ?? 0) - (f.backG ?? 0)) },
      { what: 'water', g: f.waterG ?? 0 },
      { what: 'kept brine', g: f.oldBrine?.g ?? 0 },
      ...f.fresh.map((i) => ({ what: i.name.toLowerCase(), g: i.preparedG })),
      { what: 'sweet', g: f.sweetG ?? 0 },
      { what: 'acid', g: acidG(batch, f) },
      { what: 'pulp', g: -(f.pulpG ?? 0) }
    ].filter((l) => l.g !== 0)
  );
</script>

<section aria-label="The bowl">
  <h2 class="border-b-2 border-ink pb-1">The bowl</h2>
  <table class="w-full">
    <tbody>
      {#each lines as l, i (i)}
        <tr class="line">
          <th scope="row" class="py-1.5 text-left font-normal">{l.what}</th>
          <td class="py-1.5 text-right font-semibold">{l.g < 0 ? '− ' : ''}{house.mass(Math.abs(l.g))}</td>
        </tr>
      {/each}
      <tr class="border-t-2 border-ink">
        <th scope="row" class="py-2 text-left">sauce, as it adds up</th>
        <td class="answer py-2 text-right text-3xl">{house.mass(reckonedG)}</td>
      </tr>
      {#if f.sauceG !== null}<tr class="line">
          <th scope="row" class="py-1.5 text-left font-normal">as weighed</th>
          <td class="py-1.5 text-right font-semibold">{house.mass(f.sauceG)}</td>
        </tr>{/if}
    </tbody>
  </table>
</section>
