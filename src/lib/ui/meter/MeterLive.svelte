<script lang="ts">
  import { bufferPH, type ElectrodeReading } from '$lib/core/instrument';
  import { useHouse } from '../house/house.svelte';
  import { meter } from './meter.svelte';

  interface Props {
    /** What is shown of a reading, large. */
    shown: (r: ElectrodeReading) => string;
    take: string;
    ontake: (r: ElectrodeReading) => void;
    /** Reads it as it is; says why not. */
    why?: string;
  }
  /** What the meter says as it comes, a tap that takes it once it stands still, and for the stand-in a hand that dips it. */
  let { shown, take, ontake, why = '' }: Props = $props();
  const house = useHouse();
  $effect(() => meter.listen());
  const r = $derived(meter.reading);
  const ROOM = 21;
  const LIQUIDS = [
    { name: 'buffer 7.00', pH: bufferPH('7.00', ROOM), tempC: ROOM },
    { name: 'buffer 4.01', pH: bufferPH('4.01', ROOM), tempC: ROOM },
    { name: 'a young brine', pH: 5.2, tempC: 20 },
    { name: 'a half-sour one', pH: 4.2, tempC: 20 },
    { name: 'a sour one', pH: 3.6, tempC: 19 },
    { name: 'a sour one from the fridge', pH: 3.6, tempC: 6 }
  ];
</script>

<div class="flex flex-col gap-1" role="group" aria-label={meter.there?.name}>
  {#if meter.lost}
    <p class="text-sm text-heed" role="status">
      The meter does not answer. Read a strip, or wait: nothing is lost.
    </p>
  {:else}
    <div class="flex flex-wrap items-center gap-x-4">
      <span class="font-display text-3xl font-extrabold" data-meter>{r ? shown(r) : '…'}</span>
      <span class="text-sm text-quiet" aria-live="polite">
        {#if r}{house.temp(r.tempC)}, {r.settled ? 'stands still' : 'settling'}{:else}asking the meter{/if}
      </span>
      <button
        type="button"
        class="act disabled:opacity-50"
        disabled={!meter.settled || why !== ''}
        onclick={() => meter.settled && ontake(meter.settled)}>{take}</button
      >
    </div>
    {#if why}<p class="text-sm text-heed">{why} <a class="act" href="/kit#meter">Calibrate it</a></p>{/if}
  {/if}
  {#if meter.there?.playable}
    <p class="text-sm text-quiet">A stand-in to play with. Rinse it and dip it into:</p>
    <div class="flex flex-wrap gap-x-4">
      {#each LIQUIDS as { name, ...liquid } (name)}<button
          type="button"
          class="act"
          onclick={() => meter.act({ do: 'dip', ...liquid })}>{name}</button
        >{/each}
      <button type="button" class="act" onclick={() => meter.act({ do: 'out' })}>out</button>
      <button type="button" class="act" onclick={() => meter.act({ do: 'plug', connected: meter.lost })}
        >{meter.lost ? 'plug it in' : 'pull the plug'}</button
      >
    </div>
  {/if}
</div>
