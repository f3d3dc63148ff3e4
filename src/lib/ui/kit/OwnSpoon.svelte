<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { gPerTeaspoon, SALT_KINDS } from '$lib/core/salt';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Ten level spoons on the scale, once: they replace the table for that salt. */
  const house = useHouse();
  let weight = $state('');
  let kindId = $state(house.household.saltKindId);
  const usual = $derived(
    (
      gPerTeaspoon(SALT_KINDS.find((k) => k.id === kindId) ?? SALT_KINDS[0]!, house.household.spoons) * 10
    ).toFixed(0)
  );
</script>

<Fold text="Weigh your own spoon">
  <ActionForm
    command="weigh-spoon"
    class="grid items-start gap-3 py-2 sm:grid-cols-2"
    ondone={() => (weight = '')}
    label="Weigh your own spoon"
  >
    {#snippet children({ busy, problemAt })}
      <ChoiceField
        label="Salt"
        id="o-salt"
        name="saltKindId"
        bind:value={kindId}
        items={SALT_KINDS.map((k) => ({ value: k.id, name: k.name }))}
      />
      <div class="grid grid-cols-2 gap-2">
        <TextField
          label="Level spoons"
          id="o-n"
          name="spoons"
          problem={problemAt('spoons')}
          inputmode="numeric"
          value="10"
        />
        <ChoiceField
          label="of"
          id="o-unit"
          name="unit"
          value="tsp"
          items={[
            { value: 'tsp', name: 'teaspoon' },
            { value: 'tbsp', name: 'tablespoon' }
          ]}
        />
      </div>
      <WeightField
        label="Together they weigh"
        name="weight"
        problem={problemAt('weight')}
        bind:value={weight}
        placeholder="{usual} g"
      />
      <p class="self-center text-sm text-quiet">
        Level, loosely filled, the bowl tared. Left empty, the table counts again.
      </p>
      <div><Button type="submit" outline disabled={busy}>Save</Button></div>
    {/snippet}
  </ActionForm>
</Fold>
