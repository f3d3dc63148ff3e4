<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { readQuantity } from '$lib/core/reading';
  import { waterDensity } from '$lib/core/salt';
  import { jarGeometry, LIDS, ownShapeId, usableMl, type Lid, type OwnShape } from '$lib/core/vessel';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import Jar from '../jar/Jar.svelte';
  import { LID_WORDS } from '$lib/words';

  /** A jar that stands in no table: its water weighed, two lengths with a ruler, and it is drawn as it is. */
  const house = useHouse();
  let kind = $state<OwnShape['kind']>('jar');
  let shape = $state<OwnShape['shape']>('shouldered');
  let lid = $state<Lid>('clamped');
  let waterWeight = $state('');
  let opening = $state('');
  let height = $state('');
  const read = (said: string, of: 'mass' | 'length') => {
    const r = readQuantity(said, {
      kind: of,
      unit: of === 'mass' ? 'g' : 'mm',
      system: house.household.spoons
    });
    return r.ok ? r.value.value : NaN;
  };
  const id = $derived(
    ownShapeId({
      kind,
      shape,
      brimMl: read(waterWeight, 'mass') / waterDensity(20),
      openingMm: read(opening, 'length'),
      innerHeightMm: read(height, 'length')
    })
  );
  const made = $derived(jarGeometry(id));
</script>

<Fold text="Measure a shape of your own">
  <ActionForm command="shape-jar" class="grid gap-3 py-2 sm:grid-cols-2" label="Measure a shape of your own">
    {#snippet children({ busy, problemAt })}
      <TextField
        label="What you call it"
        id="s-name"
        name="name"
        problem={problemAt('name')}
        placeholder="Grandmother’s jar"
      />
      <ChoiceField
        label="It is a"
        id="s-kind"
        name="kind"
        bind:value={kind}
        items={['jar', 'crock', 'bucket', 'bottle'].map((k) => ({ value: k, name: k }))}
      />
      <TextField
        label="Water to the brim weighs"
        id="s-water"
        name="waterWeight"
        problem={problemAt('waterWeight')}
        bind:value={waterWeight}
        placeholder="1 195 g"
      />
      <ChoiceField
        label="Its walls"
        id="s-shape"
        name="shape"
        bind:value={shape}
        items={[
          { value: 'shouldered', name: 'narrow to a shoulder' },
          { value: 'straight', name: 'go straight up' }
        ]}
      />
      <TextField
        label="Opening, inside"
        id="s-opening"
        name="opening"
        problem={problemAt('opening')}
        bind:value={opening}
        placeholder="86 mm"
      />
      <TextField
        label="Height, inside"
        id="s-height"
        name="height"
        problem={problemAt('height')}
        bind:value={height}
        placeholder="160 mm"
      />
      <ChoiceField
        label="Lid"
        id="s-lid"
        name="lid"
        bind:value={lid}
        items={LIDS.map((l) => ({ value: l, name: LID_WORDS[l] }))}
      />
      <TextField
        label="How many"
        id="s-owned"
        name="owned"
        problem={problemAt('owned')}
        inputmode="numeric"
        placeholder="2"
      />
      <div class="flex items-end gap-4 sm:col-span-2">
        {#if made}
          <Jar
            geometryId={id}
            {lid}
            usableMl={usableMl(made)}
            vegRoomMl={usableMl(made) * 0.8}
            items={[]}
            scale={0.6}
            fillLine="fill line"
            text="The jar as measured, {house.volume(made.brimMl)} to the brim"
          />
          <p class="text-sm text-quiet">
            {house.volume(made.brimMl)} to the brim, {house.volume(usableMl(made))} to the fill line.
          </p>
        {:else}<p class="text-sm text-quiet">
            Once the three measures fit each other, it is drawn here.
          </p>{/if}
      </div>
      <div><Button type="submit" outline disabled={busy}>Add it</Button></div>
    {/snippet}
  </ActionForm>
</Fold>
