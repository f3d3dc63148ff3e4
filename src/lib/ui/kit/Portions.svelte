<script lang="ts">
  import { Button, Input, Label } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Fold from '../forms/Fold.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Portions as this household calls them: a bowl, a bottle, for four. Cold offers each with one tap. */
  const house = useHouse();
  let weight = $state('');
</script>

<section id="portions">
  <h2 class="border-b-2 border-ink pb-1">Your portions</h2>
  <ul>
    {#each house.household.portions as p (p.id)}
      <li class="line flex items-center justify-between gap-3">
        <b class="min-w-0 grow">{p.name}</b><span class="big">{house.mass(p.g)}</span>
        <ActionForm command="set-portion" values={{ name: p.name, weight: '0 g' }}>
          {#snippet children({ busy })}<button class="act" disabled={busy} aria-label="No longer: {p.name}"
              >no longer</button
            >{/snippet}
        </ActionForm>
      </li>
    {:else}<li class="py-2 text-quiet">
        None yet: jars are eaten by quarters and by weight. Say what a bowl of yours holds.
      </li>{/each}
  </ul>
  <Fold text="Add a portion, or weigh one again">
    <ActionForm
      command="set-portion"
      class="grid items-start gap-3 py-2 sm:grid-cols-3"
      ondone={() => (weight = '')}
      label="A portion"
    >
      {#snippet children({ busy, problemAt })}
        <div>
          <Label for="portion-name">Name</Label>
          <Input id="portion-name" name="name" placeholder="A bowl" list="portion-names" autocomplete="off" />
          <datalist id="portion-names"
            >{#each house.household.portions as p (p.id)}<option value={p.name}></option>{/each}</datalist
          >
          <Trouble problem={problemAt('name')} />
        </div>
        <WeightField
          label="It holds"
          name="weight"
          problem={problemAt('weight')}
          bind:value={weight}
          placeholder="150 g"
        />
        <div class="sm:pt-6"><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
