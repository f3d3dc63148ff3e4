<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { PlannedBatch, SeasonCrop } from '$lib/core/season';
  import type { Problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { takeToBench, wantingOf, type Lying } from './to-bench';

  /** A tap that takes a start to the Bench; or what of it is still to be picked. */
  interface Props {
    batch: PlannedBatch;
    crops: readonly Pick<SeasonCrop, 'id' | 'trim'>[];
    lots: Lying;
    bench: string | null;
    name: string;
    /** Not the first to be taken. */
    quiet?: boolean;
  }
  let { batch, crops, lots, bench, name, quiet = false }: Props = $props();
  const house = useHouse();
  let busy = $state(false);
  let problem = $state<Problem | null>(null);
  const lacks = $derived(wantingOf(batch, crops, lots));
  async function take(): Promise<void> {
    [busy, problem] = [true, null];
    problem = await takeToBench(batch, { crops, lots, bench });
    busy = false;
  }
</script>

{#if lacks.length === 0}
  <Button
    class="no-print mt-2"
    outline={quiet}
    disabled={busy}
    onclick={take}
    aria-label="Take it to the Bench: {name}">Take it to the Bench</Button
  >
{:else}
  <p class="text-quiet">
    Once it is picked: {lacks
      .map((r) => `${house.mass(Math.round((r.g - r.here) / 10) * 10)} ${house.cropName(r.cropId)}`)
      .join(', ')} is not in the Garden yet.
  </p>
{/if}
<Trouble problem={problem ?? undefined} />
