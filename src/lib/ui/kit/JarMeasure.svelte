<script lang="ts">
  import { Button, Input, Label } from 'flowbite-svelte';
  import type { OwnedJar } from '$lib/core/kit';
  import { waterDensity } from '$lib/core/salt';
  import { jarGeometry, usableMl, usualHeadspace } from '$lib/core/vessel';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house.svelte';

  /** A jar weighed full of water once, its headspace, and the weight that stands in it. */
  let { jar }: { jar: OwnedJar } = $props();
  const house = useHouse();
  const shape = $derived(jarGeometry(jar.geometryId));
  const brim = $derived(jar.brimMl ?? shape?.brimMl ?? 0);
</script>

<details>
  <summary class="min-h-11 content-center text-sm underline underline-offset-4">
    {jar.brimMl === null ? 'from the table; measure your own' : 'measured by you'}
  </summary>
  {#if shape}
    <ActionForm
      action="/kit?/measure"
      values={{ jarId: jar.id }}
      class="grid gap-3 pb-3 sm:grid-cols-3"
      label="Measure {jar.name}"
    >
      {#snippet children({ busy, problemAt })}
        <div>
          <Label for="water-{jar.id}">Water to the brim weighs</Label>
          <Input
            id="water-{jar.id}"
            name="waterWeight"
            value={jar.brimMl === null ? '' : `${Math.round(jar.brimMl * waterDensity(20))} g`}
            placeholder="{Math.round(shape.brimMl)} g"
            autocomplete="off"
          />
          <Trouble problem={problemAt('waterWeight')} />
        </div>
        <div>
          <Label for="head-{jar.id}">Headspace</Label>
          <Input
            id="head-{jar.id}"
            name="headspace"
            value={jar.headspaceMm === null ? '' : `${jar.headspaceMm} mm`}
            placeholder="{Math.round(usualHeadspace(shape))} mm"
            autocomplete="off"
          />
          <Trouble problem={problemAt('headspace')} />
        </div>
        <div>
          <Label for="weight-{jar.id}">Its weight pushes aside, ml</Label>
          <Input
            id="weight-{jar.id}"
            name="weightMl"
            inputmode="decimal"
            value={jar.weightMl === null ? '' : String(jar.weightMl)}
            placeholder="0"
            autocomplete="off"
          />
          <Trouble problem={problemAt('weightMl')} />
        </div>
        <p class="text-sm text-quiet sm:col-span-2">
          Brim {house.volume(brim)}, to the fill line {house.volume(
            usableMl({ ...shape, brimMl: brim }, jar.headspaceMm ?? usualHeadspace(shape), jar.weightMl ?? 0)
          )}. Empty fields go back to the table.
        </p>
        <div><Button type="submit" outline disabled={busy}>Keep</Button></div>
      {/snippet}
    </ActionForm>
  {/if}
</details>
