<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { WATERS } from '$lib/core/kit';
  import Eaters from './Eaters.svelte';
  import { waterWords } from '$lib/words';
  import { SALT_KINDS } from '$lib/core/salt';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { scale } from '../scale/scale.svelte';
  import { clockTime } from '../time';
  import { SPOONS, UNITS } from './choices';

  const house = useHouse();
  const h = $derived(house.household);
  /** As a clock shows it: 08:00. */
  const clock = (minutes: number) => clockTime(minutes).padStart(5, '0');
</script>

<section id="settings">
  <h2 class="border-b-2 border-ink pb-1">The household</h2>
  <ActionForm command="settle" class="grid gap-3 py-3 sm:grid-cols-2" label="The household">
    {#snippet children({ busy, problemAt })}
      <TextField label="Name" id="h-name" name="name" problem={problemAt('name')} value={h.name} />
      <TextField
        label="Who eat here"
        id="h-people"
        name="people"
        problem={problemAt('people')}
        inputmode="numeric"
        value={String(h.people)}
      />
      <ChoiceField label="Weights and volumes" id="h-units" name="units" value={h.units} items={UNITS} />
      <ChoiceField label="Spoons and cups" id="h-spoons" name="spoons" value={h.spoons} items={SPOONS} />
      <ChoiceField
        label="Usual salt"
        id="h-salt"
        name="saltKindId"
        value={h.saltKindId}
        items={SALT_KINDS.map((k) => ({ value: k.id, name: k.name }))}
      />
      <TextField
        label="Smallest step the scale shows, g"
        id="h-step"
        name="scaleStepG"
        problem={problemAt('scaleStepG')}
        inputmode="decimal"
        value={String(h.scaleStepG)}
      />
      <TextField
        label="The morning’s round at"
        id="h-morning"
        name="morning"
        problem={problemAt('morning')}
        type="time"
        value={clock(h.rounds.morning)}
      />
      <TextField
        label="The evening’s at"
        id="h-evening"
        name="evening"
        problem={problemAt('evening')}
        type="time"
        value={clock(h.rounds.evening)}
      />
      <ChoiceField
        label="Water for brine"
        id="h-water"
        name="waterId"
        value={h.waterId}
        items={WATERS.map((id) => ({ value: id, name: waterWords(id).name }))}
      />
      <ChoiceField
        label="At the table"
        id="h-mild"
        name="mild"
        value={h.mild ? 'yes' : 'no'}
        items={[
          { value: 'no', name: 'all like it hot' },
          { value: 'yes', name: 'somebody likes it mild' }
        ]}
      />
      <TextField
        class="sm:col-span-2"
        label="Where your phones find Crockle, for labels and calendars"
        id="h-address"
        name="address"
        problem={problemAt('address')}
        value={h.address}
        placeholder="http://kitchen.local:4400; empty: as you have opened it now"
      />
      <TextField
        class="sm:col-span-2"
        label="Beds, with commas between"
        id="h-beds"
        name="beds"
        problem={problemAt('beds')}
        value={h.beds.join(', ')}
      />
      <div class="sm:col-span-2"><Eaters eaters={h.eaters} /></div>
      <div><Button type="submit" outline disabled={busy}>Save</Button></div>
    {/snippet}
  </ActionForm>
  {#if scale.there}<p class="py-1 text-sm">
      Connected: {scale.there.name}, steps of {house.mass(scale.there.stepG)}. Its weight can be taken into
      any field.
      <button class="act" onclick={() => (scale.open = true)}>Show the scale</button>
    </p>{/if}
</section>
