<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Batch, Finishing } from '$lib/core/batch';
  import { plain } from '$lib/core/quantity';
  import { SAUCE_PH, sauceSays } from '$lib/words';
  import { dialogs } from '../batch/dialogs.svelte';
  import { useHouse } from '../house/house.svelte';
  import { clockTime } from '../time';

  /** How sour the blend is: measured, half the acid, measured again. */
  let { batch, finishing }: { batch: Batch; finishing: Finishing } = $props();
  const house = useHouse();
  const mine = (ids: readonly string[]) => ids.some((id) => finishing.fillingIds.includes(id));
  const readings = $derived(
    batch.readings
      .filter((r) => r.at >= finishing.since && mine(r.fillingIds))
      .map((r) => ({ at: r.at, says: `pH ${plain(r.pH, 2)}` }))
  );
  const sourings = $derived(
    batch.sourings
      .filter((s) => s.at >= finishing.since && mine(s.fillingIds))
      .map((s) => ({
        at: s.at,
        says: `pH ${plain(s.pH, 2)}, then ${s.vinegarMl > 0 ? `${house.volume(s.vinegarMl)} of vinegar` : `${plain(s.citricG, 1)} g of citric acid`}`
      }))
  );
  const steps = $derived([...readings, ...sourings].sort((a, b) => a.at - b.at));
  const last = $derived(
    batch.readings.filter((r) => r.at >= finishing.since && mine(r.fillingIds)).at(-1)?.pH ?? null
  );
</script>

<section aria-label="How sour">
  <h2 class="border-b-2 border-ink pb-1">How sour</h2>
  {#each steps as s, i (i)}<p class="line py-1.5">
      <span class="text-quiet">{clockTime(s.at)}</span>
      {s.says}
    </p>{/each}
  <p class={(last ?? 0) > SAUCE_PH ? 'heed mt-2' : 'pt-2'}>{sauceSays(last)}</p>
  <div class="flex flex-wrap gap-2 pt-3">
    <Button outline class="min-h-14" onclick={() => dialogs.show('ph', batch, finishing.fillingIds)}
      >Measure its pH</Button
    >
    <Button outline class="min-h-14" onclick={() => dialogs.show('sour', batch, finishing.fillingIds)}
      >Add acid</Button
    >
  </div>
</section>
