<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { USUAL_WEIGHTS, WEIGHT_KINDS, type WeightKind } from '$lib/core/vessel';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Discs, stones, water bags, plates: what they push aside, how high they stand, how wide they cover. */
  const house = useHouse();
  let kind = $state<WeightKind>('disc');
  const usual = $derived(USUAL_WEIGHTS[kind]);
</script>

<section id="weights">
  <h2 class="border-b-2 border-ink pb-1">Weights and plates</h2>
  <ul>
    {#each house.household.weights as w (w.id)}
      <li class="line flex flex-wrap justify-between gap-x-4">
        <b>{w.name}</b><span class="text-sm text-quiet"
          >{w.kind}: {w.displacesMl} ml, {w.heightMm} mm high, {w.widthMm} mm wide</span
        >
      </li>
    {:else}<li class="py-2 text-quiet">
        Say which weights you have, then give each kind of jar its own, under “measure”.
      </li>{/each}
  </ul>
  <Fold text="Add a weight, or measure one again">
    <ActionForm command="set-weight" class="grid gap-3 py-2 sm:grid-cols-2" label="A weight">
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Name"
          id="w-name"
          name="name"
          problem={problemAt('name')}
          placeholder="Glass disc"
        />
        <ChoiceField
          label="Kind"
          id="w-kind"
          name="kind"
          bind:value={kind}
          items={WEIGHT_KINDS.map((k) => ({ value: k, name: k }))}
        />
        {#each [['displacesMl', 'Space it takes, ml', usual.displacesMl], ['heightMm', 'Height, mm', usual.heightMm], ['widthMm', 'Width, mm', usual.widthMm]] as const as [name, label, value] (name)}
          <TextField
            label={String(label)}
            id="w-{name}"
            value={String(value)}
            inputmode="decimal"
            {name}
            problem={problemAt(name)}
          />
        {/each}
        <p class="text-sm text-quiet sm:col-span-2">
          The figures are common practice: a full jar, the weight sunk in it, and the water that runs over
          says better. Stones: boiled, never limestone; no metal, no lead glaze.
        </p>
        <div><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
