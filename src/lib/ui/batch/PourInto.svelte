<script lang="ts" module>
  import type { BatchInHand, Filling } from '$lib/core/batch';

  /** A jar that stands beside it. */
  export interface Other {
    readonly batch: Pick<BatchInHand, 'id' | 'name'>;
    readonly filling: Filling;
  }
</script>

<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { leftG } from '$lib/core/batch';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  interface Props {
    batchId: string;
    filling: Filling;
    others: readonly Other[];
  }
  /** Two ferments become one: what some must not eat, salt and the sooner day go with it. */
  let { batchId, filling, others }: Props = $props();
  const house = useHouse();
  const roomG = (o: Other) => o.filling.usableMl - leftG(o.filling);
  const takers = $derived(others.filter((o) => roomG(o) >= 1));
  let intoId = $state('');
  let weight = $state('');
  const into = $derived(takers.find((o) => o.filling.id === intoId));
</script>

{#if takers.length > 0}
  <Fold text="Pour it into another jar" quiet>
    <ActionForm
      command="pour-together"
      values={{ batchId, fillingId: filling.id, intoBatchId: into?.batch.id ?? '' }}
      label="Pour together"
      ondone={() => {
        intoId = '';
        weight = '';
      }}
    >
      {#snippet children({ busy, problemAt })}
        <p class="text-sm text-quiet">
          What is in it goes with it: salt, acid, what some must not eat. The mix keeps no longer than the one
          that keeps less; taste it, and measure it anew.
        </p>
        <ChoiceField
          label="Into which"
          name="intoFillingId"
          bind:value={intoId}
          items={[
            { value: '', name: 'choose a jar' },
            ...takers.map((o) => ({
              value: o.filling.id,
              name: `jar ${o.filling.lidNumber}, ${o.batch.name}: room for ${house.mass(roomG(o))}`
            }))
          ]}
          problem={problemAt('intoFillingId') ?? problemAt('intoBatchId')}
        />
        <WeightField
          label="How much (empty: all of it)"
          name="weight"
          bind:value={weight}
          problem={problemAt('weight')}
          placeholder={into ? house.mass(Math.min(leftG(filling), roomG(into))) : house.mass(leftG(filling))}
        />
        <Button type="submit" outline disabled={busy || !into}>Pour it in</Button>
      {/snippet}
    </ActionForm>
  </Fold>
{/if}
