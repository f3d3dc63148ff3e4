<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { readLately, wantsThermometer, type Place } from '$lib/core/kit';
  import { readQuantity, readTemperature } from '$lib/core/reading';
  import { problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import OnTheWall from './OnTheWall.svelte';
  import { thermometers } from './thermometers.svelte';

  const house = useHouse();
  const KINDS = $derived([
    { value: 'counter', name: 'a counter: ferments stand here' },
    { value: 'cold', name: `cold: fridge, ${house.temp(4)} or under; a cellar still sours and gasses` },
    { value: 'pantry', name: 'a shelf for dry goods' }
  ]);
  /** So far from what is said, °C, it is worth saying anew. */
  const FAR_C = 2;
  let editing = $state<Place | 'new' | null>(null);
  const us = $derived(house.household.units === 'US');
  // As typed, in the household's own degrees and measures; the house is told °C and litres.
  let temp = $state('');
  let shelf = $state('');
  let high = $state('');
  let swing = $state('');
  const edit = (place: Place | 'new' | null) => {
    editing = place;
    const of = place === 'new' ? null : place;
    temp = of ? house.temp(of.tempC).replace(/\s.*/, '') : '';
    swing = of?.swingC ? house.degrees(of.swingC).replace(/\s.*/, '') : '';
    high = of?.shelfMm ? house.height(of.shelfMm) : '';
    shelf = of?.shelfLitres ? house.volume(of.shelfLitres * 1000) : '';
  };
  const tempRead = $derived(readTemperature(temp, house.household.units));
  /** A difference of degrees, told in °C; what is no number goes as it is typed, to be refused by name. */
  const swingC = $derived.by(() => {
    const said = Number(swing.replace(',', '.'));
    return swing.trim() === '' || Number.isNaN(said) ? swing : said / (us ? 1.8 : 1);
  });
  // One reading at a time: which place, and what it says.
  let reading = $state('');
  let says = $state('');
  const saysRead = $derived(readTemperature(says, house.household.units));
  const shelfRead = $derived(
    readQuantity(shelf, { kind: 'volume', unit: us ? 'quart' : 'l', system: house.household.spoons })
  );
  const highRead = $derived(
    readQuantity(high, { kind: 'length', unit: us ? 'in' : 'cm', system: house.household.spoons })
  );
  const highProblem = $derived(high === '' || highRead.ok ? undefined : problem(highRead.refusal));
  const tempProblem = $derived(temp === '' || tempRead.ok ? undefined : problem(tempRead.refusal));
  const shelfProblem = $derived(shelf === '' || shelfRead.ok ? undefined : problem(shelfRead.refusal));
</script>

{#snippet editor(place: Place | null)}
  <ActionForm
    command="set-place"
    values={{ placeId: place?.id }}
    ondone={() => (editing = null)}
    class="grid gap-3 py-3 sm:grid-cols-2"
    label="A place"
  >
    {#snippet children({ busy, problemAt })}
      <TextField label="Name" id="p-name" name="name" problem={problemAt('name')} value={place?.name ?? ''} />
      <ChoiceField
        label="What it is"
        id="p-kind"
        name="kind"
        problem={problemAt('kind')}
        value={place?.kind ?? 'counter'}
        items={KINDS}
      />
      <TextField
        label="Temperature, {us ? '°F' : '°C'}"
        id="p-temp"
        value={temp}
        placeholder={us ? '70' : '21'}
        oninput={(said) => (temp = said)}
        problem={problemAt('tempC') ?? tempProblem}
      />
      <input type="hidden" name="tempC" value={tempRead.ok ? tempRead.value : temp} />
      <TextField
        label="Space on its shelves, {us ? 'quarts' : 'litres'}"
        id="p-shelf"
        value={shelf}
        placeholder="if it is short"
        oninput={(said) => (shelf = said)}
        problem={problemAt('shelfLitres') ?? shelfProblem}
      />
      <TextField
        label="Clear height of a shelf, {us ? 'inches' : 'cm'}"
        id="p-high"
        value={high}
        placeholder="if a jar may be too tall"
        oninput={(said) => (high = said)}
        problem={problemAt('shelfMm') ?? highProblem}
      />
      <input type="hidden" name="shelfMm" value={highRead.ok ? highRead.value.value : high} />
      <TextField
        label="Afternoons are warmer than the whole day by, {us ? '°F' : '°C'}"
        id="p-swing"
        inputmode="decimal"
        value={swing}
        placeholder="0: even all day"
        oninput={(said) => (swing = said)}
        problem={problemAt('swingC')}
      />
      <input type="hidden" name="swingC" value={swingC} />
      {#if place && tempRead.ok && Math.abs(tempRead.value - place.tempC) > 0.05}
        <fieldset class="sm:col-span-2">
          <legend class="text-sm font-medium"
            >{house.temp(place.tempC)} was said before. What holds for the jars that stand there?</legend
          >
          {#each [['', 'it changed now: the days until today count as they were'], ['true', 'it was always so: the days are counted anew']] as const as [value, says] (value)}
            <label class="flex min-h-11 items-center gap-3">
              <input
                type="radio"
                name="always"
                {value}
                checked={value === ''}
                class="size-5 shrink-0 border-rule-strong bg-raised text-primary-700"
              />
              {says}
            </label>
          {/each}
        </fieldset>
      {/if}
      <input type="hidden" name="shelfLitres" value={shelfRead.ok ? shelfRead.value.value / 1000 : shelf} />
      <div class="flex gap-3">
        <Button type="submit" outline disabled={busy}>Save</Button><button
          type="button"
          class="min-h-11 underline underline-offset-4"
          onclick={() => edit(null)}>never mind</button
        >
      </div>
    {/snippet}
  </ActionForm>
{/snippet}

{#snippet lately(place: Place)}
  {@const read = readLately(place, house.now)}
  {#if read}<p class="text-sm text-quiet">
      {read.n === 1 ? 'Read once' : `Read ${read.n} times`} this week: {house.temp(read.tempC)} over the day
      {#if Math.abs(read.tempC - place.tempC) >= FAR_C}<span class="heed mt-1 block"
          >That is {house.degrees(Math.abs(read.tempC - place.tempC))} from what is said of it. The days that were
          read count as read; if it stays so, change what is said.</span
        >{/if}
    </p>{/if}
{/snippet}

{#snippet thermometer(place: Place)}
  <ActionForm
    command="read-thermometer"
    values={{ placeId: place.id }}
    ondone={() => {
      reading = '';
      says = '';
    }}
    class="flex flex-wrap items-end gap-3 py-2"
    label="A reading"
  >
    {#snippet children({ busy, problemAt })}
      <TextField
        label="It reads now, {us ? '°F' : '°C'}"
        id="p-reads"
        inputmode="decimal"
        value={says}
        oninput={(said) => (says = said)}
        problem={says === '' || saysRead.ok ? problemAt('tempC') : problem(saysRead.refusal)}
      />
      <input type="hidden" name="tempC" value={saysRead.ok ? saysRead.value : says} />
      <Button type="submit" outline disabled={busy}>Note it</Button>
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
          <div class="sm:flex sm:items-center sm:justify-between sm:gap-4">
            <div>
              <p class="font-semibold">{place.name}</p>
              <p class="text-sm text-quiet">
                {KINDS.find((k) => k.value === place.kind)?.name}{place.shelfLitres
                  ? `, ${house.volume(place.shelfLitres * 1000)} of shelf`
                  : ''}{place.swingC ? `, ${house.degrees(place.swingC)} warmer in the afternoon` : ''}
              </p>
              {@render lately(place)}
            </div>
            <p class="flex items-center gap-x-4 sm:shrink-0">
              <b class="big whitespace-nowrap">{house.temp(place.tempC)}</b
              >{#if place.kind !== 'pantry'}<button
                  class="act whitespace-nowrap"
                  onclick={() => (reading = reading === place.id ? '' : place.id)}
                  aria-expanded={reading === place.id}
                  aria-label="Note a reading: {place.name}">it reads …</button
                >{/if}<button class="act" onclick={() => edit(place)} aria-label="Change {place.name}"
                >change</button
              >
            </p>
          </div>
          {#if thermometers.there && wantsThermometer(place)}<OnTheWall
              {place}
              played={reading === place.id}
            />{/if}
          {#if reading === place.id}{@render thermometer(place)}{/if}
        {/if}
      </li>
    {/each}
  </ul>
  {#if editing === 'new'}{@render editor(null)}{:else}<button class="act" onclick={() => edit('new')}
      >Add a place</button
    >{/if}
</section>
