<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Place } from '$lib/core/kit';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house.svelte';

  const house = useHouse();
  const KINDS = [
    { value: 'counter', name: 'a counter: ferments stand here' },
    { value: 'cold', name: 'cold: fridge or cellar' },
    { value: 'pantry', name: 'a shelf for dry goods' }
  ];
  let editing = $state<Place | 'new' | null>(null);
</script>

{#snippet editor(place: Place | null)}
  <ActionForm
    action="/kit?/place"
    values={{ placeId: place?.id }}
    ondone={() => (editing = null)}
    class="grid gap-3 py-3 sm:grid-cols-2"
    label="A place"
  >
    {#snippet children({ busy, problemAt })}
      <TextField label="Name" id="p-name" name="name" value={place?.name ?? ''} problem={problemAt('name')} />
      <ChoiceField
        label="What it is"
        id="p-kind"
        name="kind"
        value={place?.kind ?? 'counter'}
        items={KINDS}
        problem={problemAt('kind')}
      />
      <TextField
        label="Temperature, °C"
        id="p-temp"
        name="tempC"
        inputmode="decimal"
        value={String(place?.tempC ?? '')}
        placeholder="21"
        problem={problemAt('tempC')}
      />
      <TextField
        label="Room on its shelves, litres"
        id="p-shelf"
        name="shelfLitres"
        inputmode="decimal"
        value={place?.shelfLitres ? String(place.shelfLitres) : ''}
        placeholder="if it is short"
        problem={problemAt('shelfLitres')}
      />
      <div class="flex gap-3">
        <Button type="submit" outline disabled={busy}>Keep</Button><button
          type="button"
          class="min-h-11 underline underline-offset-4"
          onclick={() => (editing = null)}>never mind</button
        >
      </div>
    {/snippet}
  </ActionForm>
{/snippet}

<section id="places">
  <h2 class="border-b-2 border-ink pb-1">Places</h2>
  <ul>
    {#each house.household.places as place (place.id)}
      <li class="line">
        {#if editing !== 'new' && editing?.id === place.id}{@render editor(place)}
        {:else}
          <div class="flex items-center justify-between gap-4">
            <div>
              <p class="font-semibold">{place.name}</p>
              <p class="text-sm text-quiet">
                {KINDS.find((k) => k.value === place.kind)?.name}{place.shelfLitres
                  ? `, ${place.shelfLitres} l of shelf`
                  : ''}
              </p>
            </div>
            <p class="flex items-center gap-4">
              <b class="big whitespace-nowrap">{place.tempC} °C</b><button
                class="act"
                onclick={() => (editing = place)}
                aria-label="Change {place.name}">change</button
              >
            </p>
          </div>
        {/if}
      </li>
    {/each}
  </ul>
  {#if editing === 'new'}{@render editor(null)}{:else}<button class="act" onclick={() => (editing = 'new')}
      >Add a place</button
    >{/if}
</section>
