<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button, Input, Label } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Bowls and jars weighed empty once, so that they may stay on the scale. */
  const house = useHouse();
  let weight = $state('');
</script>

<section id="tares">
  <h2 class="border-b-2 border-ink pb-1">Bowls and jars, weighed empty</h2>
  <ul>
    {#each house.household.tares as t (t.id)}
      <li class="line flex justify-between"><b>{t.name}</b><span class="big">{house.mass(t.g)}</span></li>
    {:else}<li class="py-2 text-quiet">Weigh a bowl once, and it may stay on the scale ever after.</li>{/each}
  </ul>
  <Fold text="Add a bowl or jar, or weigh one again">
    <ActionForm
      command="set-tare"
      class="grid items-start gap-3 py-2 sm:grid-cols-3"
      ondone={() => (weight = '')}
      label="A bowl"
    >
      {#snippet children({ busy, problemAt })}
        <div>
          <Label for="t-name">Name</Label>
          <Input id="t-name" name="name" placeholder="Blue bowl" list="tare-names" autocomplete="off" />
          <datalist id="tare-names"
            >{#each house.household.tares as t (t.id)}<option value={t.name}></option>{/each}</datalist
          >
          <Trouble problem={problemAt('name')} />
        </div>
        <WeightField
          label="Empty it weighs"
          name="weight"
          problem={problemAt('weight')}
          bind:value={weight}
          placeholder="412 g"
        />
        <div class="sm:pt-6"><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
