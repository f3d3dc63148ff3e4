<script lang="ts">
  import { calibrationDays, electrodeOf, isCalibrated, pHOf, type Dip } from '$lib/core/instrument';
  import type { Problem } from '$lib/words';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import MeterLive from './MeterLive.svelte';
  import { meter } from './meter.svelte';

  interface Props {
    id: string;
    value?: string;
    by: 'strip' | 'meter';
    problem?: Problem | undefined;
    class?: string;
  }
  /** A pH typed, or taken from the meter on the line: then what the electrode says goes along, and counts. */
  let { id, value = $bindable(''), by = $bindable(), problem, class: className = '' }: Props = $props();
  const house = useHouse();
  let listening = $state(false);
  let line = $state.raw<Dip | null>(null);
  const calibration = $derived(house.household.meter);
  const electrode = $derived(calibration && electrodeOf(calibration));
  const pH = (dip: Dip) => (electrode ? pHOf(electrode, dip).toFixed(2) : `${dip.mV.toFixed(1)} mV`);
  const why = $derived(
    !calibration
      ? 'It has not stood in its buffers yet.'
      : isCalibrated(calibration, house.now)
        ? ''
        : `It last stood in its buffers ${calibrationDays(calibration, house.now)} days ago.`
  );
</script>

<TextField
  label="pH"
  {id}
  name="pH"
  {problem}
  inputmode="decimal"
  placeholder="3.9"
  bind:value
  oninput={() => (line = null)}
  class={className}
/>
{#if line && by === 'meter'}
  <input type="hidden" name="mV" value={line.mV} />
  <input type="hidden" name="tempC" value={line.tempC} />
{/if}
{#if meter.there}
  {#if listening}
    <MeterLive
      shown={pH}
      take="take the pH"
      {why}
      ontake={(r) => {
        line = { mV: r.mV, tempC: r.tempC };
        value = pH(r);
        by = 'meter';
      }}
    />
  {:else}<button type="button" class="act self-start" onclick={() => (listening = true)}
      >from the meter</button
    >{/if}
{/if}
