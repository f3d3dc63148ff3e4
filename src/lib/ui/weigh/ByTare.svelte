<script lang="ts">
  import type { Problem } from '$lib/words';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Weighed in its bowl: what the scale says, and the bowl; one that is known by a tap. */
  interface Props {
    gross: string;
    tare: string;
    unit: string;
    problemAt: (field: 'gross' | 'tare') => Problem | undefined;
  }
  let { gross = $bindable(), tare = $bindable(), unit, problemAt }: Props = $props();
  const house = useHouse();
</script>

<div class="grid grid-cols-2 gap-4">
  <WeightField
    label="On the scale"
    name="gross"
    problem={problemAt('gross')}
    bind:value={gross}
    {unit}
    placeholder="2 kg 310 g"
  />
  <WeightField
    label="Empty bowl"
    name="tare"
    problem={problemAt('tare')}
    bind:value={tare}
    {unit}
    placeholder="420 g"
  />
  {#if house.household.tares.length > 0}
    <div class="col-span-2 flex flex-wrap gap-x-4" role="group" aria-label="Known bowls">
      {#each house.household.tares as t (t.id)}
        <button
          type="button"
          class="min-h-11 text-sm underline underline-offset-4"
          onclick={() => (tare = `${Math.round(t.g * 10) / 10} g`)}>{t.name}, {house.mass(t.g)}</button
        >
      {/each}
    </div>
  {/if}
</div>
