<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { dayOfWall } from '$lib/core/calendar';
  import { allCrops } from '$lib/core/produce';
  import { stylesIn } from '$lib/core/style';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';

  /** What already stood there on the first day: jars on the counter since a date, stock in the cold. */
  const house = useHouse();
  const places = $derived(house.household.places.filter((p) => p.kind !== 'pantry'));
  const crops = $derived(allCrops(house.crops).map((c) => ({ value: c.id, name: c.name })));
  let placeId = $state('');
  const cold = $derived(places.find((p) => p.id === placeId)?.kind === 'cold');
</script>

<section id="standing">
  <h2 class="border-b-2 border-ink pb-1">Enter jars you already have</h2>
  {#if house.household.jars.length === 0}
    <p class="py-3 text-quiet">First say which jars you own, above.</p>
  {:else}
    <ActionForm
      command="enter-standing"
      class="grid gap-3 py-3 sm:grid-cols-2"
      label="Enter jars you already have"
      next={{ href: '/counter', text: 'See it' }}
    >
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Name"
          id="s-name"
          name="name"
          problem={problemAt('name')}
          placeholder="Winter kraut"
        />
        <ChoiceField
          label="Style"
          id="s-style"
          name="styleId"
          value="shredded"
          items={stylesIn(house.household.styles).map((s) => ({ value: s.id, name: s.name }))}
        />
        <ChoiceField
          label="Mostly"
          id="s-crop"
          name="cropId"
          problem={problemAt('cropId')}
          items={crops}
          placeholder="Choose a crop"
        />
        <TextField
          label="Started on"
          id="s-since"
          name="since"
          problem={problemAt('since')}
          type="date"
          max={dayOfWall(house.now)}
        />
        <ChoiceField
          label="Stands at"
          id="s-place"
          name="placeId"
          bind:value={placeId}
          items={places.map((p) => ({ value: p.id, name: p.name }))}
          placeholder="Choose a place"
          problem={problemAt('placeId')}
        />
        {#if cold}<TextField
            label="In the cold since"
            id="s-cold"
            name="placeSince"
            problem={problemAt('placeSince')}
            type="date"
            max={dayOfWall(house.now)}
          />{/if}
        <ChoiceField
          label="Jars"
          id="s-jar"
          name="jarId"
          items={house.household.jars.map((j) => ({ value: j.id, name: j.name }))}
          placeholder="Which kind"
          problem={problemAt('jarId')}
        />
        <TextField
          label="How many"
          id="s-jars"
          name="jars"
          problem={problemAt('jars')}
          inputmode="numeric"
          placeholder="2"
        />
        <ChoiceField
          label="Each is"
          id="s-left"
          name="quarters"
          value="4"
          items={[
            { value: '4', name: 'full' },
            { value: '3', name: 'three quarters full' },
            { value: '2', name: 'half full' },
            { value: '1', name: 'a quarter full' }
          ]}
        />
        <TextField
          label="Salt, %, if you know"
          id="s-salt"
          name="saltPercent"
          problem={problemAt('saltPercent')}
          inputmode="decimal"
          placeholder="2.2"
        />
        <div><Button type="submit" outline disabled={busy}>Enter it</Button></div>
      {/snippet}
    </ActionForm>
  {/if}
</section>
