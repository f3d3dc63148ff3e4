<script lang="ts">
  import { Button, Input, Label, Select } from 'flowbite-svelte';
  import { SALT_KINDS } from '$lib/core/salt';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house.svelte';
  import { SPOONS, UNITS } from './choices';

  const house = useHouse();
  const h = $derived(house.household);
</script>

<section id="settings">
  <h2 class="border-b-2 border-ink pb-1">The household</h2>
  <ActionForm action="/kit?/settle" class="grid gap-3 py-3 sm:grid-cols-2" label="The household">
    {#snippet children({ busy, problemAt })}
      <div>
        <Label for="h-name">Name</Label><Input
          id="h-name"
          name="name"
          value={h.name}
          autocomplete="off"
        /><Trouble problem={problemAt('name')} />
      </div>
      <div>
        <Label for="h-people">Who eat here</Label><Input
          id="h-people"
          name="people"
          inputmode="numeric"
          value={String(h.people)}
          autocomplete="off"
        /><Trouble problem={problemAt('people')} />
      </div>
      <div>
        <Label for="h-units">Weights and volumes</Label><Select
          id="h-units"
          name="units"
          value={h.units}
          items={UNITS}
          placeholder=""
        />
      </div>
      <div>
        <Label for="h-spoons">Spoons and cups</Label><Select
          id="h-spoons"
          name="spoons"
          value={h.spoons}
          items={SPOONS}
          placeholder=""
        />
      </div>
      <div>
        <Label for="h-salt">Usual salt</Label><Select
          id="h-salt"
          name="saltKindId"
          value={h.saltKindId}
          items={SALT_KINDS.map((k) => ({ value: k.id, name: k.name }))}
          placeholder=""
        />
      </div>
      <div>
        <Label for="h-step">The scale steps by, g</Label><Input
          id="h-step"
          name="scaleStepG"
          inputmode="decimal"
          value={String(h.scaleStepG)}
          autocomplete="off"
        /><Trouble problem={problemAt('scaleStepG')} />
      </div>
      <div class="sm:col-span-2">
        <Label for="h-beds">Beds, with commas between</Label><Input
          id="h-beds"
          name="beds"
          value={h.beds.join(', ')}
          autocomplete="off"
        /><Trouble problem={problemAt('beds')} />
      </div>
      <div><Button type="submit" outline disabled={busy}>Keep</Button></div>
    {/snippet}
  </ActionForm>
</section>
