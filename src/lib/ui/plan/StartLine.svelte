<script lang="ts">
  import type { PlannedBatch } from '$lib/core/season';
  import { listed, roughly } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { jarNames, styleNames } from './names';

  /** One start of the plan: what, of what, in which jars. */
  interface Props {
    input: { readonly sizes: readonly { readonly id: string; readonly litres: number }[] };
    batch: PlannedBatch;
    firm: boolean;
  }
  let { input, batch, firm }: Props = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household)(batch.styleId));
  const rough = (kg: number) => house.mass(roughly(kg * 1000));
  const parts = $derived(
    batch.uses
      .filter((u) => u.kg > 0.02)
      .sort((a, b) => b.kg - a.kg)
      .map((u) => `${rough(u.kg)} ${u.cropId ? (house.crop(u.cropId)?.name ?? u.cropId) : 'bought'}`)
  );
  const jarName = $derived(jarNames(house.household));
  const jars = $derived(
    firm
      ? listed(batch.jars.map((j) => `${Math.round(j.n)} × ${jarName(j.sizeId)}`))
      : `about ${house.volume(roughly(batch.jars.reduce((a, j) => a + j.n * (input.sizes.find((s) => s.id === j.sizeId)?.litres ?? 0), 0) * 1000))} of jars`
  );
</script>

<p class="text-lg font-semibold">{name}</p>
<p>{listed(parts)}, trimmed; {jars}</p>
