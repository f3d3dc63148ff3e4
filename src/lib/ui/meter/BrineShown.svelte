<script lang="ts">
  import { brineStrengthShown, type BrineScale } from '$lib/core/instrument';
  import { readTemperature } from '$lib/core/reading';
  import { writePercent, type TrueStrength } from '$lib/core/quantity';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** The strength of a plain brine by what floats in it or is looked through; a tap puts it into the field above. */
  let { id, onuse }: { id: string; onuse: (strength: TrueStrength) => void } = $props();
  const house = useHouse();
  let scale = $state<BrineScale>('sg');
  let shown = $state('');
  let warm = $state('');
  const number = (said: string) => (said.trim() === '' ? NaN : Number(said.replace(',', '.')));
  const read = $derived(readTemperature(warm.trim() === '' ? '20 °C' : warm, house.household.units));
  const cool = $derived(read.ok && read.value >= 0 && read.value <= 40);
  const strength = $derived(read.ok && cool ? brineStrengthShown(scale, number(shown), read.value) : null);
  const AS = { sg: '1.022', salometer: '12', brix: '4.2' };
</script>

<Fold text="By hydrometer or refractometer" class="col-span-full">
  <!-- Enter here means "use it", not the form that this helps to fill in. -->
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
  <div
    class="grid grid-cols-2 gap-3 py-2"
    role="group"
    aria-label="What the instrument shows"
    onkeydown={(e) => {
      if (e.key !== 'Enter' || !(e.target instanceof HTMLInputElement)) return;
      e.preventDefault();
      if (strength !== null) onuse(strength);
    }}
  >
    <ChoiceField
      label="It shows"
      class="col-span-2"
      {id}
      items={[
        { value: 'sg', name: 'specific gravity' },
        { value: 'salometer', name: 'salometer degrees' },
        { value: 'brix', name: 'Brix (looked through)' }
      ]}
      bind:value={scale}
    />
    <TextField
      label="How much"
      id="{id}-shown"
      bind:value={shown}
      inputmode="decimal"
      placeholder={AS[scale]}
    />
    <TextField label="Brine’s warmth" id="{id}-warm" bind:value={warm} placeholder={house.temp(20)} />
  </div>
  <p class="flex flex-wrap items-center gap-x-4" role="status">
    {#if shown.trim() === ''}
      <span class="text-sm text-quiet"
        >Plain brine only: the juice of a ferment shifts it by more than the salt.</span
      >
    {:else if strength === null}
      <span class="text-sm text-heed"
        >{cool
          ? `No brine shows that; one of 3 % shows about ${scale === 'sg' ? '1.021' : scale === 'brix' ? '3.6' : '11'}.`
          : `Between ${house.temp(0)} and ${house.temp(40)}, please.`}</span
      >
    {:else}
      <span><b class="big text-lg">{writePercent(strength)}</b> salt in the brine</span>
      <button type="button" class="act" onclick={() => onuse(strength)}>use it</button>
    {/if}
  </p>
</Fold>
