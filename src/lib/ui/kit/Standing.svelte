<script lang="ts">
  import { Button, Input, Label, Select } from 'flowbite-svelte';
  import { dayOfWall } from '$lib/core/calendar';
  import { CROPS } from '$lib/core/produce';
  import { STYLES } from '$lib/core/style';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house.svelte';

  /** What already stood there on the first day: jars on the counter since a date, stock in the cold. */
  const house = useHouse();
  const places = $derived(house.household.places.filter((p) => p.kind !== 'pantry'));
  const crops = [...CROPS]
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .map((c) => ({ value: c.id, name: c.name }));
  let placeId = $state('');
  const cold = $derived(places.find((p) => p.id === placeId)?.kind === 'cold');
</script>

<section id="standing">
  <h2 class="border-b-2 border-ink pb-1">Enter what already stands there</h2>
  {#if house.household.jars.length === 0}
    <p class="py-3 text-quiet">First say which jars you own, above.</p>
  {:else}
    <ActionForm
      action="/kit?/standing"
      class="grid gap-3 py-3 sm:grid-cols-2"
      label="Enter what already stands there"
      next={{ href: '/counter', text: 'See it' }}
    >
      {#snippet children({ busy, problemAt })}
        <div>
          <Label for="s-name">Name</Label><Input
            id="s-name"
            name="name"
            placeholder="Winter kraut"
            autocomplete="off"
          /><Trouble problem={problemAt('name')} />
        </div>
        <div>
          <Label for="s-style">Style</Label><Select
            id="s-style"
            name="styleId"
            value="shredded"
            items={STYLES.map((s) => ({ value: s.id, name: s.name }))}
            placeholder=""
          />
        </div>
        <div>
          <Label for="s-crop">Mostly</Label><Select
            id="s-crop"
            name="cropId"
            items={crops}
            placeholder="Choose a crop"
          /><Trouble problem={problemAt('cropId')} />
        </div>
        <div>
          <Label for="s-since">Started on</Label><Input
            id="s-since"
            name="since"
            type="date"
            max={dayOfWall(house.now)}
          /><Trouble problem={problemAt('since')} />
        </div>
        <div>
          <Label for="s-place">Stands at</Label><Select
            id="s-place"
            name="placeId"
            bind:value={placeId}
            items={places.map((p) => ({ value: p.id, name: p.name }))}
            placeholder="Choose a place"
          /><Trouble problem={problemAt('placeId')} />
        </div>
        {#if cold}<div>
            <Label for="s-cold">In the cold since</Label><Input
              id="s-cold"
              name="placeSince"
              type="date"
              max={dayOfWall(house.now)}
            /><Trouble problem={problemAt('placeSince')} />
          </div>{/if}
        <div>
          <Label for="s-jar">Jars</Label><Select
            id="s-jar"
            name="jarId"
            items={house.household.jars.map((j) => ({ value: j.id, name: j.name }))}
            placeholder="Which kind"
          /><Trouble problem={problemAt('jarId')} />
        </div>
        <div>
          <Label for="s-jars">How many</Label><Input
            id="s-jars"
            name="jars"
            inputmode="numeric"
            placeholder="2"
            autocomplete="off"
          /><Trouble problem={problemAt('jars')} />
        </div>
        <div>
          <Label for="s-left">Each is</Label><Select
            id="s-left"
            name="quarters"
            value="4"
            items={[
              { value: '4', name: 'full' },
              { value: '3', name: 'three quarters full' },
              { value: '2', name: 'half full' },
              { value: '1', name: 'a quarter full' }
            ]}
            placeholder=""
          />
        </div>
        <div>
          <Label for="s-salt">Salt, %, if you know</Label><Input
            id="s-salt"
            name="saltPercent"
            inputmode="decimal"
            placeholder="2.2"
            autocomplete="off"
          /><Trouble problem={problemAt('saltPercent')} />
        </div>
        <div><Button type="submit" outline disabled={busy}>Enter it</Button></div>
      {/snippet}
    </ActionForm>
  {/if}
</section>
