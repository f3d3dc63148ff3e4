<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import {
    CALIBRATION_DAYS,
    calibrationDays,
    electrodeOf,
    isCalibrated,
    type Dip
  } from '$lib/core/instrument';
  import ActionForm from '../forms/ActionForm.svelte';
  import Fold from '../forms/Fold.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import MeterLive from './MeterLive.svelte';
  import { meter } from './meter.svelte';

  /** The house's pH meter and its two buffers: when it stood in them, what they said, and how to do it again. */
  const house = useHouse();
  let seven = $state.raw<Dip | null>(null);
  let four = $state.raw<Dip | null>(null);
  const calibration = $derived(house.household.meter);
  const electrode = $derived(calibration && electrodeOf(calibration));
  const mV = (d: Dip) => `${d.mV.toFixed(1)} mV`;
  const days = $derived(calibration ? calibrationDays(calibration, house.now) : 0);
  const since = $derived(days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`);
</script>

{#if meter.there}
  <section id="meter" aria-label="pH meter">
    <h2 class="border-b-2 border-ink pb-1">pH meter</h2>
    <p class="py-2">
      {#if calibration && electrode}
        In its buffers {since}: {Math.round(electrode.slope * 100)} % of the ideal slope, {electrode.zeroMv.toFixed(
          0
        )} mV in pH 7.
        {#if !isCalibrated(calibration, house.now)}<b class="text-heed"
            >Too long ago: an electrode wanders. Its readings are taken again once it is calibrated.</b
          >{/if}
      {:else}
        Its readings are taken once it has stood in two buffers, 7.00 and 4.01.
      {/if}
    </p>
    <Fold text="Calibrate it">
      <ol class="list-decimal py-2 pl-5">
        <li class="pb-2">
          Rinse it with water, dip it into 7.00 and wait until it stands still.
          {#if seven}<b>{mV(seven)} taken.</b>{/if}
        </li>
        <li class="pb-2">
          Rinse it, dip it into 4.01 and wait.
          {#if four}<b>{mV(four)} taken.</b>{/if}
        </li>
      </ol>
      <MeterLive
        shown={mV}
        take={seven ? 'take it as 4.01' : 'take it as 7.00'}
        ontake={(r) => {
          const dip = { mV: r.mV, tempC: r.tempC };
          if (seven) four = dip;
          else seven = dip;
        }}
      />
      <ActionForm
        command="calibrate-meter"
        values={{
          ...{ sevenMv: seven?.mV ?? '', sevenC: seven?.tempC ?? '' },
          ...{ fourMv: four?.mV ?? '', fourC: four?.tempC ?? '' }
        }}
        ondone={() => (seven = four = null)}
        label="Calibrate the meter"
        class="flex flex-col gap-2 pt-2"
      >
        {#snippet children({ busy, problems })}
          <Trouble problem={problems.find((p) => p.field !== null)} />
          <div class="flex flex-wrap gap-4">
            <Button type="submit" outline disabled={busy || !seven || !four}>Calibrate</Button>
            {#if seven}<button type="button" class="act" onclick={() => (seven = four = null)}
                >begin again</button
              >{/if}
          </div>
        {/snippet}
      </ActionForm>
    </Fold>
    <p class="pt-2 text-sm text-quiet">
      The careful calibrate on each day that they measure. Crockle takes its readings for {CALIBRATION_DAYS} days.
      Buffers are used fresh and thrown away; the electrode is kept wet.
    </p>
  </section>
{/if}
