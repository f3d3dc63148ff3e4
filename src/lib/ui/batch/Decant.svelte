<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { leftG, smallerJar, type Filling } from '$lib/core/batch';
  import type { OwnedSize } from '$lib/core/worksheet';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  interface Props {
    batchId: string;
    filling: Filling;
    /** Free jars, smallest first. */
    free: readonly OwnedSize[];
  }
  /** What is left into a smaller jar, before it is air that spoils it: proposed at half a jar, possible always. */
  let { batchId, filling, free }: Props = $props();
  const house = useHouse();
  const fits = $derived(smallerJar(filling, free));
  const base = $derived({ batchId, fillingId: filling.id });
  const chosen = $derived(fits ?? free.findLast((s) => s.usableMl < filling.usableMl) ?? free[0]);
  let jarId = $state<string>();
  let weight = $state<string>();
  const into = $derived(free.find((s) => s.id === jarId) ?? chosen);
  /** Of a crock only so much as the jar takes. */
  const takes = $derived(into && into.usableMl < leftG(filling) ? house.mass(Math.floor(into.usableMl)) : '');
</script>

{#if fits}
  <ActionForm command="decant" values={{ ...base, jarId: fits.id, weight: '' }} label="Into a smaller jar">
    {#snippet children({ busy, problemAt })}
      <p class="heed text-sm">
        Much air stands over what is left. A {fits.jar.name} is free and takes all of it.
      </p>
      <Button type="submit" outline class="mt-2 min-h-12" disabled={busy}>Into the {fits.jar.name}</Button>
      <Trouble problem={problemAt('jarId') ?? problemAt('weight')} />
    {/snippet}
  </ActionForm>
{/if}
{#if free.length > 0}
  <Fold text={fits ? 'Into another jar, or a part of it' : 'Into another jar'} quiet>
    <ActionForm
      command="decant"
      values={base}
      label="Decant"
      ondone={() => {
        jarId = undefined;
        weight = undefined;
      }}
    >
      {#snippet children({ busy, problemAt })}
        <ChoiceField
          label="Into which"
          name="jarId"
          bind:value={() => into?.id ?? '', (id) => (jarId = id)}
          items={free.map((s) => ({ value: s.id, name: `${s.jar.name}, ${house.volume(s.usableMl)}` }))}
          problem={problemAt('jarId')}
        />
        <WeightField
          label="How much (empty: all of it)"
          name="weight"
          bind:value={() => weight ?? takes, (said) => (weight = said)}
          problem={problemAt('weight')}
          placeholder={house.mass(leftG(filling))}
        />
        <Button type="submit" outline disabled={busy}>Decant it</Button>
      {/snippet}
    </ActionForm>
  </Fold>
{/if}
