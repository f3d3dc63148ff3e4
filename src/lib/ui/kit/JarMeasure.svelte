<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import type { OwnedJar } from '$lib/core/kit';
  import { waterDensity } from '$lib/core/salt';
  import { jarGeometry, usableMl, usualHeadspace } from '$lib/core/vessel';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';

  /** A jar weighed full of water once, its headspace, and the weight that stands in it. */
  let { jar }: { jar: OwnedJar } = $props();
  const house = useHouse();
  const shape = $derived(jarGeometry(jar.geometryId));
  const brim = $derived(jar.brimMl ?? shape?.brimMl ?? 0);
</script>

<Fold
  text={jar.brimMl === null ? 'from the table; measure your own' : 'measured by you'}
  quiet
  class="text-sm"
>
  {#if shape}
    <ActionForm
      command="measure-jar"
      values={{ jarId: jar.id }}
      class="grid gap-3 pb-3 sm:grid-cols-3"
      label="Measure {jar.name}"
    >
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Water to the brim weighs"
          id="water-{jar.id}"
          name="waterWeight"
          problem={problemAt('waterWeight')}
          value={jar.brimMl === null ? '' : `${Math.round(jar.brimMl * waterDensity(20))} g`}
          placeholder="{Math.round(shape.brimMl)} g"
        />
        <TextField
          label="Headspace"
          id="head-{jar.id}"
          name="headspace"
          problem={problemAt('headspace')}
          value={jar.headspaceMm === null ? '' : `${jar.headspaceMm} mm`}
          placeholder="{Math.round(usualHeadspace(shape))} mm"
        />
        <TextField
          label="Space its weight takes, ml"
          id="weight-{jar.id}"
          name="weightMl"
          problem={problemAt('weightMl')}
          inputmode="decimal"
          value={jar.weightMl === null ? '' : String(jar.weightMl)}
          placeholder="0"
        />
        {#if house.household.weights.length > 0}
          <ChoiceField
            label="The weight in it"
            id="which-{jar.id}"
            name="weightId"
            value={jar.weightId ?? ''}
            items={[
              { value: '', name: 'none said' },
              ...house.household.weights.map((w) => ({ value: w.id, name: w.name }))
            ]}
          />
        {/if}
        <p class="text-sm text-quiet sm:col-span-2">
          Brim {house.volume(brim)}, to the fill line {house.volume(
            usableMl({ ...shape, brimMl: brim }, jar.headspaceMm ?? usualHeadspace(shape), jar.weightMl ?? 0)
          )}. Empty fields go back to the table.
        </p>
        <div><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  {/if}
</Fold>
